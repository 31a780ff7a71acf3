// The tour, in the order of the flow: what happened, what it means, what follows, what is told.

// record: what happened
export { admit, admitAll, type Admission } from './record/admit'
export type { Answer, Familiar, SymptomId } from './record/answer'
export type { EventContent, ExamEvent, NewEvent, Stirring } from './record/event'
export { parseEvent } from './record/event-schema'
export { type Exam, examFrom, type Run, type Symptom } from './record/exam'
export { broughtItOn, isOver, nextStage } from './record/ladder'
export { undoStep } from './record/undo'

// story: which side is sore
export { soreSides } from './story/sore-sides'

// catalogue: every test
export { CATALOGUE, testById } from './catalogue'
export { type ExamTest, instruct, type Stage, testTitle } from './catalogue/exam-test'

// findings: what an answer means
export { offeredIntensity } from './findings/familiar'
export { type Finding, RESULT_WORDS } from './findings/finding'
export { findingFor } from './findings/findings'

// clusters and evidence: rules and figures
export type { RuleVerdict } from './clusters/verdict'
export { rowsOf } from './evidence/register'
export { QUOTED } from './evidence/likelihood-ratio'
export { posterior } from './evidence/odds'
export type { JoinedStep, Step, Weighed } from './evidence/weigh'

// assess: where they meet
export { type Assessment, assess, type SourceVerdict } from './assess'

// planner: what next
export { nextStep, routeOf, type RouteLeg, type RouteStep } from './planner/route'

// figure: the drawn patient
export { type Figure, figureOf, onArc } from './figure/figure'
export { chartShapes, type ChartShape } from './figure/body-map'

// note: what is told
export { noteOf } from './note/note'
export { type Paragraph, plainText } from './note/paragraph'
export { percent } from './note/percent'
export { STATEMENT, UNCHECKED } from './note/statement'
