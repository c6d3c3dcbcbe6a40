let moves = 0

/** Counted by the router: the first screen of a visit is no move. */
export const countMove = () => void moves++

export const hasMoved = () => moves > 1
