// Parts of the shelves that load when they are first shown, behind one door.
export { LeaveProject, LeaveShelf } from './LeaveShelf'
export { PartsFold, ProjectLine } from './ProjectLine'
export { StageBoard } from './StageBoard'
