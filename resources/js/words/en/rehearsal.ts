import type { Said } from '../said'

export const rehearsal = 'Rehearsal'
export const rehearsalOver = 'Rehearsal, over'
export const nothingIsWritten = 'A copy of your studio: nothing of it is written in your log.'
export const reallyWet = (films: number) =>
    films === 1 ? 'One film is really setting meanwhile.' : `${films} films are really setting meanwhile.`
export const howFast = 'How fast'
export const lookBack = 'Look back'
export const leave = 'Leave'
export const end = 'End'
export const lookBackToo = ', look back'
export const letThemWait = 'Let them wait'
export const goToTheDoor = 'Go to the door'
export const rehearseTonight = 'Rehearse tonight'
export const whatItIs =
    'The whole evening beforehand, by a faster clock, in a copy of your studio. Afterwards it shows the moment when something was lost, and what would still have saved it.'
export const from = 'From'
export const theWeighing = 'the weighing'
export const thePouring = 'the pouring: the first cup stands mixed'
export const whatGoesWrong = 'What may go wrong'
export const begin = 'Begin'
export const times = (pace: Said) => `×${pace}`
export const theEvening = 'The evening, looked back on'
export const nothingWasLost = 'Nothing was lost'
export const someThingsWereLost = (count: number) =>
    count === 1 ? 'One thing went wrong' : `${count} things went wrong`
export const faults = 'faults'
export const late = 'late in all'
export const missing = 'missing'
export const risk = 'points of risk'
export const min = (minutes: Said) => `${minutes} min`
export const whoKnew = (figure: Said) => `${figure} by who knew`
export const yoursAndTheirs =
    'The small figures are the same evening by somebody who knew of the accidents, and did every act at its minute.'
export const lostAndSaved = 'What went wrong with it, and what would have saved it'
export const again = 'The same again'
export const another = 'Another'
export const due = 'due'
export const done = 'done'
export const lost = 'lost'
export const dueAndDone = (title: Said, due: Said, done: Said) => `${title}: due ${due}, done ${done}`
export const dueAndLost = (title: Said, due: Said) => `${title}: due ${due}, lost`
export const came = 'Accidents'
export const wasSeenTo = 'seen to'
export const wasLetGo = 'let go'
export const nothingPoured = 'Nothing was poured in it'
