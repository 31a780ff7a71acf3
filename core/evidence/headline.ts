import { lrFigure, lrWords } from './lr-words'
import { odds } from './odds'
import type { Weighed } from './weigh'

/** The figure that leads: between a decided rule, with what lies outside it, and the model; the model while none is decided. */
export function headlineOf(weighed: Pick<Weighed, 'estimate'>): number {
  return weighed.estimate
}

/** Why the estimate leads, and why the others differ; a few sentences. */
export function whyItLeads(weighed: Weighed): string {
  return [weighed.contradiction?.words ?? leadWords(weighed), outsideWords(weighed), disagreeWords(weighed)].filter(Boolean).join(' ')
}

function outsideWords({ rule, outside }: Weighed): string {
  return rule && Math.abs(Math.log(outside)) > 0.01 ? `What was found outside the rule changes its odds by a factor of ${outside.toFixed(2)}.` : ''
}

function disagreeWords({ others, disagree }: Weighed): string {
  if (!disagree) return ''
  const names = others.map((o) => `${o.rule.cluster.name} (${o.speaks === 'positive' ? 'for' : 'against'}, ${lrWords(o.lr, o.speaks)})`)
  return `Not all rules agree: ${names.join('; ')}. They stand beside and do not lead.`
}

function leadWords({ rule, apart, held, bounds, pooled, model, product, prior }: Weighed): string {
  if (held && bounds.strict) return 'The rule is open. Until it is decided its tests say no more than the rule would once met, so the model is held there.'
  if (held)
    return 'The rule is open, and the model goes beyond what it would say once met, or broken: it is taken back towards that, by no more than a factor of 1.5.'
  if (rule?.insteadOf)
    return `${rule.insteadOf.why} The published ${lrWords(rule.insteadOf.lr, 'positive')} of the rule alone is held to ${lrFigure(rule.lr)} here.`
  if (rule && !pooled) return 'This clinic’s own rule is decided, and speaks alone: that is what it was written for.'
  if (rule) {
    const between =
      'The rule was measured as a whole, in one small study that chose its own threshold; the model counts every answer. The estimate goes halfway from the model to the rule, and no further than a factor of 1.5 in odds.'
    return apart ? `The rule and the model differ by more than a factor of two in what they make of the same answers. ${between}` : between
  }
  if (Math.abs(product - model) < 0.05) return 'No rule is decided, so the model speaks. Here multiplying says nearly the same.'
  const further = Math.abs(Math.log(odds(product) / odds(prior.p))) > Math.abs(Math.log(odds(model) / odds(prior.p)))
  return further
    ? 'No rule is decided, so the model speaks. Multiplying as if independent is further out because it counts correlated tests several times.'
    : 'No rule is decided, so the model speaks. Correlated tests rarely disagree, so a mixture of answers says more than multiplying them.'
}
