import type { Said } from '../said'

export const leftInTheCup = (ml: Said) => `Left in the cup: ${ml}, as planned`
export const aFullCupHeatsItself =
    'It goes on heating in the cup. Never down a drain, never into the bin liquid and deep.'
export const laidOutThin = 'Laid out thin'
export const hardensInTheCup = 'Hardens in the cup'
export const onAnotherPiece = 'On another piece'
export const theRestOfTheMix = (title: Said) => `The rest of the mix, ${title}`
export const takingBackTheRest = (title: Said) => `Taking back the rest of the mix, ${title}`

export const sayWhatYouSeeOrAdd = 'Say what you see or add'
export const whatWasSeen = (title: Said) => `What was seen, ${title}`
export const somethingElse = 'Something else'
export const keepIt = 'Keep it'
export const toppedUpWith = (trim: Said, title: Said) => `Topped up with ${trim}, ${title}`
export const toppedUpWithField = 'Topped up with'
export const added = 'Added'
export const seenAndAdded = 'Seen and added'
export const takeBack = (one: Said) => `Take back: ${one}`
export const toppedUpWithSoMuch = (ml: Said) => `Topped up with ${ml}`
export const erased = 'Erased'
export const noBubblesToBeSeen = 'No bubbles to be seen'
export const noFlameHereTonight = 'No flame here tonight'
export const iCameTooLateForIt = 'I came too late for it'
export const nothingHangs = 'Nothing hangs'
export const tapedUnderneath = 'Taped underneath'
export const theyAreSandedOffLater = 'They are sanded off later'
export const nothingMoved = 'Nothing has moved'
export const nothingGoesOnTop = 'Nothing goes on top after all'
export const itCameOutByItself = 'It is out already'
export const itStoppedByItself = 'It has stopped by itself'
export const iLookedWithTheLastPass = 'I looked with the last pass'
export const theCupboardIsItsCover = 'The cupboard is its cover'
export const noDustHere = 'No dust here'
export const skipBecause = (title: Said) => `Skip ${title}, because`
export const anotherReason = 'Another reason'
export const skipIt = 'Skip it'
export const pourAndSpread = 'Pour and spread'
export const over = (openLeft: Said) => `${openLeft} over`
export const ofOpenTimeLeftIfItGoesOnNow = 'of open time left, if it goes on now'
export const pastItsOpenTimeItHardlyLevelsAndHeatNo = 'past its open time: it hardly levels, and heat no longer helps'
export const ago = (dueIn: Said) => `${dueIn} ago`
export const theFilmHealsForAnother = (closesAt: Said) => `The film heals for another ${closesAt}.`
export const theFilmHasClosedHeatNowLeavesAScar = 'The film has closed: heat now leaves a scar.'
export const intoACalendar = 'Windows and times into a calendar'
export const itsCoverOffFirst = 'Its cover off first.'
export const itsCoverOffAndAway = 'Its cover off first, and well away from the heat.'
export const ready = 'Ready'
export const asPlanned = 'As planned'
export const measured = 'Measured'
export const weighed = 'Weighed'
export const theEndOfThePouring = (title: Said) => `The end of the pouring, ${title}`
export const theEndOfThePouringShort = 'the end of the pouring'
export const takingBack = (title: Said) => `Taking back ${title}`
export const takingBackWhatWasSeen = (title: Said) => `Taking back what was seen, ${title}`
export const sound = 'Sound'
export const soundAndVoice = 'Sound and voice'
export const itSpeaks = 'It speaks'
export const noAnswerFromTheStudioTheClockGoesOn =
    'No answer from the studio. The clock goes on; what you press is kept.'
export const doNotPourItItHasGelledMixItAnew = 'Do not pour it: it has gelled. Mix it anew.'
export const mixingAndPouring = 'Mixing and pouring'
export const beforeTheHeat = 'Before the heat'
export const takeTheLastPressBack = 'Take the last press back'
export const skip = 'Skip'
export const itIsAllOnThePiece = 'It is all on the piece'
export const done = 'Done'
export const finishWhatItTook = 'Finish: what it took'
export const whatItTook = 'What it took'
export const finishNow = 'Finish now'
export const missedDue = (at: Said) => `missed, due ${at}`
export const runOffATrayBelowIt = (amount: Said) => `${amount} run off: a tray below it.`
export const phaseAt = (phase: Said, at: Said) => `${phase} at ${at}`
export const pouredAtKeptHere = (at: Said) =>
    `Poured at ${at}, kept here. These times are as they were expected; the studio works them out when it answers.`
export const actDone = 'done'
export const actSkipped = 'skipped'
export const actMissed = 'missed'
export const dueNow = 'now'
export const thickEnoughYet = 'Thick enough yet?'
export const drops = 'Drops that stay apart'
export const lines = 'Lines that stay'
export const effectOil = 'Effect oil'
export const soManyDrops = (count: number) => `${count} by one hand in that time`
export const soManyMetres = (metres: number) => `${metres} m by one hand in that time`
export const soManyTouches = (count: number) => `${count} touches by one hand in that time`
export const fromTo = (from: Said, to: Said) => `${from} to ${to}`
export const until = (to: Said) => `until ${to}`
export const warmed = (tool: Said, seconds: Said, gain: Said, factor: Said, age: Said, cools: Said) =>
    `${tool}, ${seconds} s over each place: ${gain} warmer, ${factor} as thick, for about ${cools}. It costs ${age} of open time.`
export const addedExample = '15 or 2 tbsp'
export const plannedAt = (at: Said) => `planned ${at}`
export const plannedAtButMoved = (at: Said) => `Planned ${at}; the room has moved it.`
export const doneWithAnother = 'Or done with'
export const nobodyTakesIt = 'No waiting coat takes this resin uncoloured: lay it out thin.'
export const takesPieces = (pieces: number, each: Said) =>
    pieces === 1 ? `one piece, ${each}` : `${pieces} pieces, ${each} each`
export const wouldLack = (lacks: Said, each: Said) => `would lack ${lacks} of ${each}`
export const judgeTheFillFrom = (at: Said) => `Judge the fill from ${at}: it has not settled before.`
export const itHasSettled = 'It has settled: what is missing now stays missing. Add a little at a time.'
export const onePassMoreUntil = (at: Said) => `What is added brings bubbles: one more heat pass, until ${at}.`
export const noMorePass = 'Too late for heat on what is added: pick its bubbles.'
export const oilWhere = 'Where'
export const oilDropped = 'Drops are in'
export const oilTouched = 'Touches are in'
export const oilIn = (title: Said) => `Effect oil, ${title}`
export const leftAfterWipe = (ml: Said) => `After it ${ml} still come: left alone they hang and set.`
export const nothingAfterWipe = 'After it nothing is to be seen.'
export const doNotTouchTill = (at: Said) => `Do not touch till ${at}`
export const later = { untouched: 'Do not touch', tape_off: 'Pull the tape', trim: 'Cut drips that were left' }
export const pouredSoFar = (ml: Said) => `Poured so far: ${ml}.`
export const stillInTheCup = (ml: Said) => `The cup still holds ${ml}.`
export const inStages = 'Nobody knows how much it holds: pour in stages, look at the seams after each, and add up.'
export const pouredNow = 'Poured now'
export const addIt = 'Add it'
export const aStageOf = (ml: Said, title: Said) => `${ml} poured, ${title}`
export const itPools = 'It pools'
export const itStandsSoDeep = 'It stands so deep there'
export const onSoMuchOfTheFace = 'On'
export const whatNow = 'What now?'
export const thatIsNoPool = 'That is no deeper than the film was to be.'
export const takeOff = (ml: Said) => `Take ${ml} off with a spoon or a card.`
export const orTilt = (time: Said, slope: Said) =>
    `Or tilt it by ${slope} for ${time}, away from the edge, then level it again.`
export const tiltHelpsNoMore = 'It is too thick to run on when tilted.'
export const howMany = 'How many?'
export const beginNow = 'Begin at once.'
export const beginBy = (at: Said) => `Begin by ${at}.`
export const byHands = (hands: Said) => `So many take ${hands} pairs of hands.`
