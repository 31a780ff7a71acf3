import { odds } from './odds'
import type { Weighed } from './weigh'

/** The figure that leads: a decided rule with what lies outside it, else the model within what the open rule could say. */
export function headlineOf(weighed: Pick<Weighed, 'estimate'>): number {
  return weighed.estimate
}

/** Why the leading figure leads, and why the others differ; a few sentences. */
export function whyItLeads(weighed: Weighed): string {
  return [weighed.contradiction?.words ?? leadWords(weighed), outsideWords(weighed), disagreeWords(weighed)].filter(Boolean).join(' ')
}

function outsideWords({ rule, outside }: Weighed): string {
  return rule && Math.abs(Math.log(outside)) > 0.01 ? `What was found outside the rule multiplies it by ${outside.toFixed(2)}.` : ''
}

function disagreeWords({ others, disagree }: Weighed): string {
  if (!disagree) return ''
  const names = others.map((o) => `${o.rule.cluster.name} (${o.speaks === 'positive' ? 'for' : 'against'}, ratio ${o.lr.toFixed(2)})`)
  return `Not all rules agree: ${names.join('; ')}. They stand beside and do not lead.`
}

function leadWords({ rule, apart, held, model, product, prior }: Weighed): string {
  if (held)
    return 'The rule is open. Until it is decided its tests say no more than the rule would once met, and no less than once broken, so the model is held there.'
  if (rule?.insteadOf)
    return `${rule.insteadOf.why} The published ratio of the rule alone would be ${rule.insteadOf.lr.toFixed(1)}; here ${rule.lr.toFixed(1)} leads.`
  if (rule && apart) {
    return 'The rule and the model differ by more than a factor of two in what they make of the same answers. The rule was measured as a whole, so it leads.'
  }
  if (rule) return 'A decided rule speaks first: it was measured as a whole. The model agrees within a factor of two.'
  if (Math.abs(product - model) < 0.05) return 'No rule is decided, so the model speaks. Here multiplying says nearly the same.'
  const further = Math.abs(Math.log(odds(product) / odds(prior.p))) > Math.abs(Math.log(odds(model) / odds(prior.p)))
  return further
    ? 'No rule is decided, so the model speaks. The product is further out because it counts one cause several times.'
    : 'No rule is decided, so the model speaks. Tests that share a cause rarely disagree, so a mixture of answers says more than multiplying them.'
}
