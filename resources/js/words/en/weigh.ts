import type { Said } from '../said'

export const allInTheCupStandsAt = 'All in the cup stands at'
export const whatReallyWentIn = 'What really went in'
export const inGOrAs35Ml2Tbsp = 'in g, or as 35 ml, 2 tbsp'
export const thatIsIt = 'That is it'
export const theyAreIn = 'They are in'
export const allIn = 'All in'
export const thereIsNoMoreOfIt = 'There is no more of it'
export const toItsMark = 'To its mark'
export const itCameToSomethingElse = 'It came to something else'
export const theOtherPartWentInFirst = 'The other part went in first'
export const readTheScale = 'Read the scale'
export const theScaleIsAStandIn = 'The scale is a stand-in'
export const theseAreItsHandsARealOneHasNone = 'These are its hands; a real one has none.'
export const putACupOn = 'Put a cup on'
export const allOff = 'All off'
export const holdToPour = 'Hold to pour'
export const holdToTrickle = 'Hold to trickle'
export const aDrop = 'A drop'
export const plugItIn = 'Plug it in'
export const pullItsPlug = 'Pull its plug'
export const slowlyWallAndFloor = 'Slowly, wall and floor'
export const scrapeWallFloorAndStick = 'Scrape wall, floor and stick'
export const untilItIsClearNoStreaks = 'Until it is clear, no streaks'
export const theLabelDoesNotSayAndUntilItIsClear = ', the label does not say; and until it is clear'
export const asItsMakerSays = ', as its maker says'
export const stirForMin = (minutes: Said, rest: Said) => `Stir for ${minutes} min${rest}`
export const stirredTwiceLetItStandAMomentThenPour = 'Stirred twice. Let it stand a moment, then pour.'
export const clearNoStreaksOnTheWall = 'Clear? No streaks on the wall?'
export const iAmStirring = 'I am stirring'
export const itIsMixedTheClockRuns = 'It is mixed: the clock runs'
export const itIsMixedAlready = 'It is mixed already'
export const intoASecondCupStirAgain = 'Into a second cup, stir again'
export const theOtherPartFollowsIt = ': the other part follows it'
export const pastTheMark = (rest: Said) => `past the mark${rest}`
export const onTheMark = 'on the mark'
export const toGoSlowlyNow = 'to go: slowly now'
export const toGo = 'to go'
export const askingTheScale = 'Asking the scale …'
export const noReading = 'No reading'
export const theScaleSteadyAt = (grams: Said) => `The scale says ${grams} g, steady`
export const theScaleSettlingAt = (grams: Said) => `The scale says ${grams} g, settling`
export const fills = (count: number) => (count === 1 ? 'fill' : 'fills')
export const itShowsLessThanNothingTheCupWasLifted =
    'It shows less than nothing: the cup was lifted off. Put it back, or zero the scale with what stands on it.'
export const itIsSettling = 'It is settling'
export const leaveItAtThat = 'Leave it at that'
export const colourCupOnZero = 'Colour cup on: zero'
export const cupOnZero = 'Cup on: zero'
export const zero = 'Zero'
export const zeroAgain = 'Zero again'
export const typeItInstead = 'Type it instead'
export const or = (inGrams: Said) => `or ${inGrams}`
export const ofEach = (fillMl: Said) => `of ${fillMl} each`
export const more = (amount: Said) => `, ${amount} more`
export const onTheCupsMarks = (more: Said) => `on the cup's marks${more}`
export const fromTheInsideFloor = (upTo: Said, more: Said) => `from the inside floor: ${upTo}${more}`
export const itsLabelGivesForItsOwnMass = (lasts: Said) => `; its label gives ${lasts}, for its own mass`
export const ofAPotLifeOf = (lasts: Said) => `, of a pot life of ${lasts}`
export const pour = (part: Said) => `Pour ${part}`
export const itWasShort = 'It was short'
export const theOtherPartWentPastItsMark = 'The other part went past its mark'
export const intoThisColourCup = (what: Said) => `${what}, into this colour cup`
export const weigh = (title: Said) => `Weigh ${title}`
export const whatIsPlanned = 'What is planned'
export const noAnswerFromTheStudioWhatYouWeighIs =
    'No answer from the studio. What you weigh is kept here, and sent again; the next step comes with its answer.'
export const theOtherPartFirst = 'The other part first'
export const theStirring = 'The stirring'
export const itIsMixed = 'It is mixed'
export const thisCupWasThrownAway = 'This cup was thrown away.'
export const itWasNotMixedYet = 'It was not mixed yet'
export const takingAReadingBack = 'Taking a reading back'
export const takeTheLastReadingBack = 'Take the last reading back'
export const theCupThrownAway = 'The cup thrown away'
export const throwThisCupAway = 'Throw this cup away'
export const glovesOnWindowOpenCupOnTheScale = 'Gloves on, window open, cup on the scale'
export const beforeYouMix = 'Before you mix'
export const begin = 'Begin'
export const inThisOrder = 'In this order'
export const ofPart = (text: Said) => `${text} of `
export const bubblesRiseMeanwhileDoNotLeaveItInThe = '. Bubbles rise meanwhile; do not leave it in the cup.'
export const itIsBeingPoured = 'It is being poured'
export const pourItNow = 'Pour it now'
export const toThePour = 'To the pour'
export const notMixedYet = 'Not mixed yet'
export const theStudioCannotBeReachedWhatIsWeighed = 'The studio cannot be reached. What is weighed so far is kept.'
export const pourInThisOrder = (pieces: string[]) => `Pour in this order: ${pieces.join(', then ')}.`
export const itHasStoodFor = (time: Said) => `It has stood for ${time}`
export const theRatioIsOffBy = (off: Said, takes: Said) =>
    `The ratio is off by ${off} %, and this resin takes up to ${takes} %.`
export const moreThanPlanned = (amount: Said, spares: Said | null) =>
    `${amount} more than planned${spares === null ? '.' : `: enough for ${spares}. Put them out.`}`
export const togetherFor = (time: Said) => `Together for ${time}`
export const aSecondCupKeeps = (amount: Said) =>
    `The wall of the first cup holds unmixed resin: a second, clean cup keeps about ${amount} more. Milkiness may be only air; streaks mean unmixed. From the end of the stirring on it is setting.`
export const ofGrams = (grams: Said) => `of ${grams} g`
export const planChangedSince = (now: Said, begun: Said) =>
    `What is planned was changed since: it takes ${now} g by now, and this cup was begun for ${begun} g. It goes on as it was begun.`
