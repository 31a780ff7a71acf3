/** How C2 is found, and which way it moves: said on every card on which it is held. */
export const C2_IS = 'C2 is the first spinous process felt below the skull'
export const C2_MOVES = 'its tip moves against the tilt and against the turn, at once'
