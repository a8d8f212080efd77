import type { Said } from '../said'

export const onePiece = 'one piece'
export const pieces = (pieces: Said) => `${pieces} pieces`
export const putAway = ', put away'
export const putAwayNamed = (name: Said) => `Put ${name} away`
export const putAwayShort = 'Put away'
export const bringBack = (name: Said) => `Bring ${name} back`
export const bringBackShort = 'Bring back'
export const remove = (name: Said) => `Remove ${name}`
export const removeShort = 'Remove'
export const saveThePlanFileOf = (name: Said) => `Save the plan file of ${name}`
export const save = 'Save'
export const saveTheJournalAllThatHappenedAtThe = 'Save the journal: all that happened at the bench, a line each'
export const removeForGood = (name: Said) => `Remove ${name} for good?`
export const itsPiecesAndCoatsGoWithItWhatWasPoured =
    'Its pieces and coats go with it. What was poured of it stays in the log. Save its file first.'
export const keepIt = 'Keep it'
export const removeIt = 'Remove it'
export const studio = 'Studio'
export const name = 'Name'
export const room = 'Room'
export const humidity = 'Humidity'
export const benchOffLevel = 'Bench off level'
export const margin = 'Margin'
export const howYouMeasure = 'How you measure'
export const heatByHabit = 'Bubbles, by habit'
export const asTheRulesSay = 'As each film wants'
export const lookEvery = 'Look every'
export const onceAtTheEnd = 'once, at the end'
export const heatRulesStillForbid =
    'A habit is taken where nothing rules it out: over tape, plastic or what burns there is no flame, whatever the habit.'
export const byWeight = 'By weight'
export const byTheMarksOfCups = 'By the marks of cups'
export const unitsForYouOnThisDevice = 'Units, for you on this device'
export const inFlOzDegF = 'in, fl oz, °F'
export const planFiles = 'Plan files'
export const aPlanOutlivesTheProgramItIsOneOpenJSON =
    'A plan outlives the program: it is one open JSON file, and anybody can check its arithmetic.'
export const bringInAPlanFile = 'Bring in a plan file'
export const bringItInOnceMoreAllTheSame = 'Bring it in once more all the same'
export const coloursTypeAndSignsOfThisProgram = 'Colours, type and signs of this program'
export const untilItIsSpread = 'Until a coat is spread'
export const betweenHeatPasses = 'Between two heat passes'
