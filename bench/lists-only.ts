// Lists alone: npx tsx bench/lists-only.ts 1000 100000
import { lists } from './lists'

const sizes = process.argv
  .slice(2)
  .map(Number)
  .filter((n) => n > 0)
lists(sizes.length > 0 ? sizes : [1000, 20_000])
