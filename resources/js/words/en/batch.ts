import type { Said } from '../said'

export const thisCup = 'this cup'
export const halfOfIt = 'half of it'
export const theCupsClock = 'The cup’s clock'
export const thisLabelDoesNotSayHowItWarmsItself = 'This label does not say how it warms itself: pour it out at once.'
export const anEstimateToCompareWith = 'an estimate, to compare with'
export const forHours = 'for hours'
export const emptiedAfter = (emptiedMin: Said) => `Emptied after ${emptiedMin}`
export const potLife = (rest: Said) => `Pot life, ${rest}`
export const forgottenItPeaksAt = (peakC: Said) => `Forgotten, it peaks at ${peakC}.`
export const andRunsAway = ' and runs away'
export const forgottenItIsAtAfter = (temperature: Said, hotMin: Said, rest: Said) =>
    `Forgotten, it is at ${temperature} after ${hotMin}${rest}.`
export const of = (dishMm: Said) => ` of ${dishMm}`
export const dropsThatStayApart = 'Drops that stay apart'
export const whatStaysWhereItIsPlaced = 'What stays where it is placed'
export const leaveItInTheCup = 'leave it in the cup'
export const waitInADish = (dish: Said) => `wait in a dish${dish}`
export const bottlesWarmedTo = 'Bottles warmed to'
export const whatItChanges = 'What it changes'
export const percentColourIn = (colourantPct: Said, name: Said) => `${colourantPct} % colour in ${name}`
export const percentFiller = (fillerPct: Said) => `, ${fillerPct} % filler`
export const nothingInItYet = 'Nothing in it yet.'
export const close = 'Close'
export const adjust = 'Adjust'
export const shareOfTheBatch = 'Share of the batch'
export const smallCups = 'Small cups'
export const keptBack = 'Kept back'
export const takeAway = (name: Said) => `Take ${name} away`
export const eachOfSmallCupsHoldsStayBack = (smallCups: Said, smallCupMl: Said, reserveMl: Said) =>
    `Each of ${smallCups} small cups holds ${smallCupMl}; ${reserveMl} stay back. `
export const stirItOnceMoreBeforeItIsPoured = ' Stir it once more before it is poured.'
export const oilTheNextCoatHasNoWindow = ' Oil: the next coat has no window.'
export const less = (name: Said) => `Less ${name}`
export const countedIn = 'Counted in'
export const addToIt = 'Add to it'
export const choose = 'Choose'
export const colours = 'Colours'
export const allOfItStaysClear = 'all of it stays clear'
export const nothingStaysClear = 'nothing stays clear'
export const stayClear = (clearMl: Said) => `${clearMl} stay clear`
export const colouredInThisOrderMin = (rest: Said, colouringMin: Said) =>
    `${rest}; coloured in this order, ${colouringMin} min`
export const colour = (at: Said) => `Colour ${at}`
export const addAColourCup = 'Add a colour cup'
export const chooseARecipe = 'Choose a recipe'
export const recipe = (id: Said) => `recipe ${id}`
export const only = (id: Said) => `only ${id}`
export const onlyOf = (toLowerCase: Said) => `Only ${toLowerCase}`
export const keepAsARecipe = 'Keep as a recipe'
export const itsName = 'Its name'
export const itIsKeptFor100MlOfMixedResinAndScaled =
    'It is kept for 100 ml of mixed resin, and scaled to each cup from then on.'
export const keepIt = 'Keep it'
export const inAll = (totalMl: Said) => `In all, ${totalMl}`
export const mixedIn = 'Mixed in'
export const aCupAsDeepAsWide = 'A cup as deep as wide'
export const measuredBy = 'Measured by'
export const poured = 'Poured'
export const allFirstThenSpread = 'All first'
export const pieceByPiece = 'One by one'
export const asUsual = (way: string) => `Usual: ${way.toLowerCase()}`
export const itIsPutIntoWarmWater = 'It is put into warm water'
export const theMixedCupInWarmWater = 'The mixed cup in warm water'
export const fromMin = 'From'
export const toMin = 'To'
export const ofWater = 'Of'
export const noBath = 'Not at all'
export const notSaid = 'Not said'
export const itIsThinned = 'It is thinned'
export const firstLine = (firstMm: Said) => `First line, ${firstMm}`
export const secondLine = (bothMm: Said) => `Second line, ${bothMm}`
export const itIsFullerThanWhichLeavesRoomToStir = (stirrableMl: Said) =>
    ` It is fuller than ${stirrableMl}, which leaves room to stir.`
export const part = (part: Said, weight: Said) => `Part ${part}, ${weight}`
export const goesInFirst = ', goes in first'
export const inOtherMeasures = 'In other measures'
export const nothing = 'Nothing'
export const alcohol = 'Alcohol'
export const solvent = 'Solvent'
export const notKnown = 'Not known'
export const thinnedWithNoFlameOverIt = 'Thinned with: no flame over it'
export const scaleZeroed = 'Scale, zeroed'
export const scaleNotZeroed = 'Scale, not zeroed'
export const twoMarkedCups = 'Two marked cups'
export const oneMarkedCup = 'One marked cup'
export const penLinesInThisCup = 'Pen lines in this cup'
export const equalFillsOfASmallCup = 'Equal fills of a small cup'
export const theSmallCupTakes = 'The small cup takes'
export const itsLineIsMetWithin = 'Its line is met within'
export const ratioOffBy = 'Ratio off by'
export const likelyOffByPercent = (likely: Said) => `Likely off by ${likely} %`
export const atWorstOffByPercent = (worst: Said) => `At worst off by ${worst} %`
export const from = (fromMl: Said) => `from ${fromMl}`
export const toPercent = (likely: Said, worst: Said) => `${likely} to ${worst} %`
export const toTonightsCups = 'To tonight’s cups'
export const cup = (number: Said, resin: Said) => `Cup ${number}, ${resin}`
export const beforeYouMix = 'Before you mix'
export const allCups = 'All cups'
export const undo = 'Undo'
export const weighIt = 'Weigh it'
export const goOnWeighing = 'Go on weighing'
export const moreOf = (name: Said) => `More ${name}`
export const hours = 'hours'
export const whatWarmingChanges = (thinner: Said, inCup: Said, insteadOf: Said, open: Said) =>
    `${thinner} times as thin, bubbles rise as much faster; in this cup ${inCup} instead of ${insteadOf}. On the piece it soon has the room’s warmth, and ${open} of open time less what it aged. Never water in the resin.`
export const inADishItLasts = (dish: Said, lasts: Said) => `In a dish of ${dish} it lasts ${lasts}.`
export const emptiedThen = (after: Said, state: Said, lasts: Said) =>
    `Emptied after ${after}${state}; its pot life is ${lasts}`
export const itIsAt = (celsius: Said, paS: Said) => ` it is at ${celsius} and ${paS} Pa·s`
export const percentColour = (pct: Said) => `${pct} % colour`
export const itsWallsKeep = (amount: Said) => `Its walls keep ${amount}.`
export const itSetsFirst = (what: Said, paS: Said) => `${what}, ${paS} Pa·s: it sets first.`
export const waitSoLong = (what: Said, paS: Said, how: Said, wait: Said, left: Said) =>
    `${what}, ${paS} Pa·s: ${how} for ${wait}; ${left} are left then.`
export const fills = (a: Said, b: Said, each: Said) => `Of A ${a}, of B ${b}, each filled to ${each}.`
export const likelyToWorst = (pct: Said) => `likely to worst; this resin takes up to ${pct} %`
export const moreAByWhatClings = (pct: Said) => `${pct} % more A by what clings`
export const lessAByWhatClings = (pct: Said) => `${pct} % less A by what clings`
export const andByTypicalDensities = (pct: Said) => `and ${pct} % by typical densities`
export const cupOf = (number: Said, resin: Said) => `Cup ${number}, ${resin}`
export const linesAt = (first: Said, both: Said) => `Lines at ${first} and ${both} from the inside floor.`
export const pouredOn = (turns: string[]) => turns.join(', then ')
export const noSmallCups = 'none'
