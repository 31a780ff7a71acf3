import { odds } from './odds'
import type { Weighed } from './weigh'

/** The figure that leads: a decided rule's own, else the model's. */
export function headlineOf(weighed: Pick<Weighed, 'rule' | 'model'>): number {
  return weighed.rule?.postTest ?? weighed.model
}

/** Why the leading figure leads, and why the others differ; one or two sentences. */
export function whyItLeads({ rule, apart, model, product, prior }: Weighed): string {
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
    : 'No rule is decided, so the model speaks. Tests that share a cause rarely disagree in people without the source, so a mixture of answers says more than multiplying them.'
}
