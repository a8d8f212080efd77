import type { Said } from '../said'

export const stop = 'Stop'
export const caution = 'Caution'
export const note = 'Note'
export const oneNote = 'One note'
export const notes = (length: Said) => `${length} notes`
export const pourPercentOnTopToRunOff = (value: Said) => `Pour ${value} % on top to run off`
export const pourAllOfItFirst = 'Pour all of it first'
export const halfOfThemInACupOfTheirOwn = 'Half of them in a cup of their own'
export const pourItInLifts = (value: Said) => `Pour it in ${value} lifts`
export const layItInCoats = (value: Said) => `Lay it in ${value} coats`
export const eightOfTenTimesByWhatIsAssumed = 'Eight of ten times, by what is assumed'
export const howSure = 'How sure:'
export const fromTo = (least: Said, most: Said, unit: Said) => `${least} to ${most} ${unit}`
export const theStudioDoesNotAnswer = 'The studio does not answer.'
export const theStudioIsBusy = 'The studio is busy.'
export const theStudioAsksForANewSession = 'The studio asks for a new session.'
export const anotherStudioIsServedAtThisAddressNow = 'Another studio is served at this address now.'
export const n1PressWaiting = '1 press waiting'
export const pressesWaiting = (count: Said) => `${count} presses waiting`
export const onTheWay = 'On the way.'
export const itIsKeptHereForItsOwn = 'It is kept here for its own.'
export const itIsKeptHereWithItsTimeAndSentAgain = 'It is kept here with its time, and sent again.'
export const thatPageIsNotKeptHereItCanBeOpenedWhen =
    'That page is not kept here: it can be opened when the studio is back.'
export const aNewVersionOfOpenGlazeIsHere = 'A new version of Open Glaze is here.'
export const loadItNow = 'Load it now'
export const putAway = 'Put away'
export const close = 'Close'
export const now = 'Now'
export const pieces = 'Pieces'
export const tonight = 'Tonight'
export const shelf = 'Shelf'
export const studio = 'Studio'
export const toThePage = 'To the page'
export const openGlazeNow = 'Open Glaze, now'
export const openGlaze = 'Open Glaze'
export const places = 'Places'
export const undo = 'Undo'
export const mmMl = 'mm ml'
export const inOz = 'in oz'
export const changeToARoom = (other: Said) => `Change to a ${other} room`
export const beforeTheFirstPour = 'Before the first pour.'
export const understood = 'Understood'
export const spaceEnterOrPageDown = 'Space, Enter or Page Down'
export const inAPourNextAFootPedalSendsPageDown = 'In a pour: next. A foot pedal sends Page Down.'
export const arrowUpArrowDown = 'Arrow up, arrow down'
export const onTheFilm01MmThickerOrThinner = 'On the film: 0.1 mm thicker or thinner.'
export const pageUpPageDown = 'Page Up, Page Down'
export const onTheFilm05Mm = 'On the film: 0.5 mm.'
export const ctrlZ = 'Ctrl Z'
export const onACoatUndoTheLastChange = 'On a coat: undo the last change.'
export const esc = 'Esc'
export const closeWhatLiesOverThePage = 'Close what lies over the page.'
export const thisList = 'This list.'
export const keys = 'Keys'
export const takeIn = 'Take in'
export const coat = 'Coat'
export const mix = 'Mix'
export const pourAndWait = 'Pour and wait'
export const finish = 'Finish'
export const lookBack = 'Look back'
export const stages = 'Stages'
export const putMineOverIt = 'Put mine over it'
export const takeWhatIsThere = 'Take what is there'
export const notYet = 'Not yet'
export const whyYouPourAllTheSame = 'Why you pour all the same'
export const theRoomNow = 'The room now'
export const humidityNow = 'Humidity now'
export const beforeYouPour = 'Before you pour'
export const theArithmeticCannotBeFetchedJustNowThe =
    'The arithmetic cannot be fetched just now: the studio does not answer.'
export const noArithmetic = 'No arithmetic'
export const howThisCameAbout = 'How this came about'
export const fromTheLabel = 'from the label'
export const workedOut = 'worked out'
export const input = 'Input'
export const value = 'Value'
export const from = 'From'
export const theFormulaWithItsNumbers = 'The formula with its numbers'
export const workedOutInMmMlAndDegC = ', worked out in mm, ml and °C'
export const backToWhatItWasPartOf = 'Back to what it was part of'
export const makeIt = (film: Said) => `Make it ${film}`
export const likelyTo = (low: Said, high: Said) => `likely ${low} to ${high}`
export const eightOfTen = (range: Said, reasons: string[]) =>
    `eight of ten times ${range}, mostly ${reasons.join(' and ')}.`
export const pressWasNotTaken = (press: Said, at: Said) => `${press}, pressed ${at}, was not taken.`
export const changeUnitsTo = (other: Said) => `, change units to ${other}`
export const assumedUntilYouSayOtherwise = (values: string[]) =>
    `Assumed until you say otherwise: ${values.join(', ')}.`
export const theRoomIs = (celsius: Said, humidity: Said, dew: Said) =>
    `Room ${celsius}, humidity ${humidity} %, dew point ${dew}.`
export const theSensorIsQuiet = (at: Said) => `The sensor has been quiet since ${at}: this holds till it speaks.`
export const itsBatteryIsNearlyFlat = 'Its battery is nearly flat.'
export const readTheRoom = 'Read the room by hand'
export const theClocksFollowIt = 'What the thermometer shows, beside the pieces. Every clock follows it.'
export const followIt = 'Follow it'
export const readByHandAt = (at: Said) => `Read by hand at ${at}.`
export const lastTime = (value: Said) => `last ${value}`
