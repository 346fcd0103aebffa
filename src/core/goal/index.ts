export { howItMoves, lookOn, weeksBack, type GoalMoves } from './howItMoves'
