/** Background reasons to think of lax upper neck ligaments. */
export const LIGAMENT_HISTORY = ['inflammatory-joint', 'loose-tissue', 'down', 'long-steroids', 'old-neck-trauma'] as const
