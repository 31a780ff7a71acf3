import { randomRecords } from './random-records'
randomRecords(5000, 500)
