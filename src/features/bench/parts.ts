/** What the bench fetches when it is needed: what job files bring along, and the geometry of blanks. */
export const jobFiles = () => import('@/ui/bench/jobFiles');
/** The faces of a blank, which need the polygon engine. */
export const blankFaces = () => import('@/core/blank');
