import type { Said } from '../said'

export const itsCup = 'its cup'
export const oneMoreStandsOnItsPage = ' One more stands on its page.'
export const moreStandOnItsPage = (length: Said) => ` ${length} more stand on its page.`
export const poured = 'Poured'
export const weighIt = 'Weigh it'
export const goOnWeighing = 'Go on weighing'
export const coloursMin = (length: Said, colouringMin: Said) => `${length} colours, ${colouringMin} min`
export const of = (count: Said, quantity: Said) => `${count} of ${quantity}`
export const move = (some: Said, name: Said, toLowerCase: Said) => `${some} ${name}, ${toLowerCase}: move`
export const whatIsPouredTonight = 'What is poured tonight?'
export const lookingThroughWhatIsPlanned = 'Looking through what is planned …'
export const everyCoatThatIsPlannedHasBeenPoured = 'Every coat that is planned has been poured.'
export const findAPieceAPlanOrAResin = 'Find a piece, a plan or a resin'
export const everythingWithItThatIsReady = 'Everything with it that is ready'
export const showLaterCoatsToo = 'Show later coats too'
export const proposeTheCups = 'Propose the cups'
export const afterTheCoatBelowIt = 'After the coat below it.'
export const howManyOfThe = (count: Said) => `How many of the ${count}`
export const into = 'Into'
export const cup = (batch: Said, resin: Said) => `Cup ${batch}, ${resin}`
export const aCupOfItsOwn = 'A cup of its own'
export const leaveIt = 'Leave it'
export const moveShort = 'Move'
export const thePiece = 'The piece'
export const noCup = 'no cup'
export const toACupOfItsOwn = 'a cup of its own'
export const toCup = (id: Said) => `cup ${id}`
export const spaceTakesHoldOfItArrowsMoveItFromCup =
    'Space takes hold of it, arrows move it from cup to cup, Space lets go, Escape puts it back.'
export const isInHand = (active: Said) => `${active} is in hand.`
export const isOver = (active: Said, over: Said) => `${active} is over ${over}.`
export const isLetGoOver = (active: Said, over: Said) => `${active} is let go over ${over}.`
export const isPutBack = (active: Said) => `${active} is put back.`
export const tonight = 'Tonight'
export const rehearseIt = 'Rehearse it'
export const nothingToMixTonight = 'Nothing to mix tonight'
export const thatIsLongerThanADayChooseFewerCoats = 'That is longer than a day: choose fewer coats for one evening.'
export const aStopWantsAChange = 'A stop wants a change.'
export const undo = 'Undo'
export const mixSheets = 'Mix sheets'
export const chooseWhatIsPoured = 'Choose what is poured'
export const chooseTheCoatsThatAreToBePouredWho =
    'Choose the coats that are to be poured. Who shares a cup, in which order, and out of which vessel follows: as few cups as are empty in time.'
export const dropAPieceHereForACupOfItsOwnOrPressIt =
    'Drop a piece here for a cup of its own, or press it to choose how many go where.'
export const mixedAndLeft = (mixed: Said, left: Said, cup: Said) => `${mixed}, ${left} left in ${cup}`
export const chosenOf = (shown: Said, all: Said, chosen: Said) => `${shown} of ${all}, ${chosen} chosen`
export const moreWith = (count: Said, resin: Said) => `${count} more with ${resin}`
export const cupsAndTime = (cups: number, time: Said) =>
    `${cups === 1 ? 'One cup' : `${cups} cups, one after the other`}, ${time} of mixing, pouring and spreading.`
export const fitsIntoNoCup = (pieces: string[]) =>
    `Fits into no cup at hand, even one by one: ${pieces.join(', ')}. Add a larger cup to the shelf.`
