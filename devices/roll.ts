// Every real device this program can read by itself, a line each. The stand-ins are in `stand-ins.ts`.
export { serialLines } from './adapters/serial-lines'
