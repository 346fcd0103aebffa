export { rowsOf, type TimeLineRow, type TimeLineShelf } from './rowsOf'
export { daysIn, marksOf, pixelsPerDay, placeOf, spanOf, type Mark, type Span, type Zoom } from './scale'
export { followersOf, shifted, shiftedAction, type Edge, type Shifted, type ShiftedAction } from './shifted'
export { waysOf, type WayPiece } from './waysOf'
