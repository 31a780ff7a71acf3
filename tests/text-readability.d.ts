declare module 'text-readability' {
  interface Readability {
    fleschKincaidGrade(text: string): number
    fleschReadingEase(text: string): number
    automatedReadabilityIndex(text: string): number
    daleChallReadabilityScore(text: string): number
  }
  const readability: Readability
  export default readability
}
