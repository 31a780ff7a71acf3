// Measured comparisons, all in one run on this machine: npm run bench. Ratios carry over to other machines better than times.
import { append } from './append'
import { dependence } from './dependence'
import { hands } from './hands'
import { lists } from './lists'
import { onset } from './onset'
import { outside } from './outside'
import { pages } from './pages'
import { planner } from './planner/report'
import { randomPlans } from './random-plans'
import { randomRecords } from './random-records'
import { reassess } from './reassess'
import { visits } from './visits'

reassess()
randomPlans(5000)
randomRecords(5000, 500)
dependence()
append()
lists([1000, 20_000])
onset()
await planner()
await pages()
await visits([1000, 100_000])
await outside([100, 1000])
await hands()
