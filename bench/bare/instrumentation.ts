/** Nothing starts with the least page; without this file the framework takes the one of the whole program. */
export function register(): void {
  // Nothing.
}
