import type { Said } from '../said'

export const inAll = (total: Said) => `${total} in all`
export const totalWeight = (total: Said) => `Total weight ${total}`
export const measureItByVolume = 'Measure it by volume.'
export const liftNumber = (number: Said) => `Lift ${number}`
export const part = (part: Said, first: Said) => `Part ${part}, ${first}`
export const underNineTenthsOfItsMiddle = (thinWithinMm: Said) => `${thinWithinMm} under nine tenths of its middle`
export const workingItOut = 'Working it out …'
export const whatTheEdgeKeeps = 'What the edge keeps'
export const nothingRunsOff = 'nothing runs off'
export const theFilmsClock = "The film's clock"
export const howWarmItGets = 'How warm it gets'
export const hottestAfter = (celsius: Said, after: Said) => `${celsius} at its hottest, after ${after}`
export const over = (celsius: Said) => `over ${celsius}`
export const inLiftOf = (lift: Said, lifts: Said) => `in lift ${lift} of ${lifts}`
export const aboveFrom = (celsius: Said, from: Said) => `above ${celsius} from ${from} on`
export const aboveFromTo = (celsius: Said, from: Said, to: Said) => `above ${celsius} from ${from} to ${to}`
export const warmthThen = (when: Said, hottest: Said, at: Said, top: Said, floor: Said) =>
    `${when}: ${hottest} at its warmest, ${at} above its floor; ${top} on top, ${floor} at the floor.`
export const afterThePour = (at: Said) => `${at} after the pour`
export const oneWipeOnly = 'One wipe only'
export const atThePour = 'At the pour'
export const after = (at: Said) => `After ${at}`
export const nothingHangsBelow = 'nothing hangs below'
export const hangBelow = (hangsMlPerM: Said) => `${hangsMlPerM} hang below`
export const afterOneWipeStillDrip = (oneWipeMlPerM: Said) => `; after one wipe ${oneWipeMlPerM} still drip`
export const whatWouldKeepIt = 'What would keep it'
export const floodedOver = 'Flooded over'
export const heldAtTheEdge = 'Held at the edge'
export const dammed = 'Dammed'
export const placedStaysPut = 'Placed, stays put'
export const coat = 'Coat'
export const resin = 'Resin'
export const whatIsAtTheEdge = 'At the edge'
export const heldBy = 'Held by'
export const edgeRoundedTo = 'Edge rounded to'
export const onEdges = 'On edges'
export const cups = 'Cups'
export const openFor = 'Open for'
export const settlesIn = 'Settles in'
export const bubblesStayUnder = 'Bubbles stay under'
export const benchWithin = 'Bench within'
export const edgeAt = 'Edge at'
export const moreThanItHolds = 'more than it holds'
export const degPercentUnderTheMost = (edgeAngleDeg: Said, inHandPct: Said) =>
    `${edgeAngleDeg}°, ${inHandPct} % under the most`
export const liftsEachTo = (length: Said) => `${length} lifts, each to`
export const warmsItselfTo = 'Warms itself to'
export const itsRimStandsUp = 'Its rim stands up'
export const roomOnTop = 'Room on top'
export const upTo = (holdsMm: Said) => `up to ${holdsMm}`
export const layItFrom = 'Lay it from'
export const toMin = (fromMin: Said, toMin: Said) => `${fromMin} to ${toMin} min`
export const endToEnd = 'End to end'
export const staysOnSlopes = 'Stays on slopes'
export const bySize = 'By size'
export const byVolume = 'By volume'
export const bulkFill = 'Bulk fill'
export const thingsInIt = 'Things in it'
export const thing = 'Thing'
export const thingAdded = 'thing'
export const count = 'Count'
export const leaveOut = (name: Said) => `Leave out ${name}`
export const measured = 'Measured'
export const amount = 'Amount'
export const aboveTheFloor = 'Above the floor'
export const height = 'Height'
export const itsOwn = 'its own'
export const floats = 'Floats'
export const drinks = 'Drinks'
export const trapsAir = 'Traps air'
export const takesNoFlame = 'Takes no flame'
export const laidOnAfterTheLastHeat = 'Laid on after the last heat'
export const setOnTop = 'Set on top'
export const nothingRunsOverThisEdge = 'Nothing runs over this edge.'
export const mixed = 'mixed'
export const onTheFloor = 'on the floor'
export const middleToEdge = 'middle to edge'
export const wipes = 'wipes'
export const to = (middleMm: Said, edgeMm: Said) => `${middleMm} to ${edgeMm}`
export const takeIt = (way: Said) => `Take it: ${way}`
export const takeThisWay = 'Take it'
export const asAsked = (film: Said) => `As asked, ${film}`
export const coatsOf = (coats: Said, film: Said) => `${coats} coats of ${film}`
export const soMuchHeldAtTheEdge = (film: Said) => `${film} held at the edge`
export const laidOld = (value: Said) => `Laid ${value} old`
export const percentPouredOnTopOf = (value: Said, film: Said) => `${value} % poured on top of ${film}`
export const edgeSharpenedOrTapedTo = (value: Said) => `Edge sharpened or taped to ${value}`
export const withWord = (resin: Said) => `With ${resin}`
export const toH = (nextToH: Said) => ` to ${nextToH} h`
export const eachFromAfterTheOneBelow = (nextFromH: Said, to: Said) => `each from ${nextFromH}${to} after the one below`
export const timesAsThickByThen = (thicker: Said) => `${thicker} times as thick by then`
export const howItIsLaid = 'Laid'
export const texture1IsFlat = 'Texture (1 is flat)'
export const reliefBelow = 'Relief below'
export const dryMediaBeforeIt = 'Dry media before it'
export const suchAsBrassMicaBrushedIn = 'such as brass mica, brushed in'
export const undersideTaped = 'Underside taped'
export const turnedOrDemouldedFirst = 'Turned or demoulded first'
export const oilInTheCoatBelow = 'Oil in the coat below'
export const overAHardFilmWipedNotSanded = 'Over a hard film: wiped, not sanded'
export const laidWetOnWetInThisOrder = 'Laid wet on wet, in this order'
export const colour = (number: Said) => `Colour ${number}`
export const share = (number: Said) => `Share ${number}`
export const laidAsColour = (number: Said) => `Laid as colour ${number}`
export const asTheCoat = 'As the coat'
export const leaveOutColour = (number: Said) => `Leave out colour ${number}`
export const colourOfPart = 'Colour'
export const partAdded = 'colour'
export const thePieceIsAt = 'The piece is at'
export const liftsApart = 'Lifts apart'
export const dewPoint = 'Dew point'
export const room = 'Room'
export const humidity = 'Humidity'
export const benchOffLevel = 'Bench off level'
export const margin = 'Margin'
export const filmThickness = 'Film thickness'
export const spreadRate = 'Spread rate'
export const amountForEachPiece = 'Amount for each piece'
export const depthInLifts = 'Depth, in lifts'
export const theRestOfTheRecess = 'The rest of the recess'
export const theRestOfTheMould = 'The rest of the mould'
export const whatIsToStay = 'What is to stay'
export const angleAtTheEdge = 'Angle at the edge'
export const usualForSuchACoatUntilYouSay = 'usual for such a coat, until you say'
export const atMostCanStayHere = (mostMm: Said) => `at most ${mostMm} can stay here`
export const sizedBy = 'Sized by'
export const thatIsWhat = 'That is what'
export const isLaid = 'is laid'
export const isMixed = 'is mixed'
export const meanFilm = (thicknessMm: Said) => `${thicknessMm} mean film`
export const laidOnEach = (laidMl: Said) => `${laidMl} laid on each`
export const soMuchMixed = (mixedMl: Said) => `${mixedMl} mixed`
export const lastTimeTook = (lastTookMl: Said) => `last time took ${lastTookMl}`
export const takeThatAgain = 'take that again'
export const coatsInTheOrderInWhichTheyAreLaid = 'Coats, in the order in which they are laid'
export const layItEarlier = 'Lay it earlier'
export const layItLater = 'Lay it later'
export const theSameCoatOnceMore = 'The same coat once more'
export const takeThisCoatAway = 'Take this coat away'
export const addACoat = 'Add a coat'
export const layInstead = (stack: Said) => `Lay “${stack}” instead`
export const keepThisStackForOtherPieces = 'Keep this stack for other pieces …'
export const keepThisStack = 'Keep this stack'
export const itsCoatsCanThenBeLaidOnAnyOtherPiece =
    'Its coats can then be laid on any other piece, with the amounts computed for that one.'
export const nameOfTheStack = 'Name of the stack'
export const suchAsOurTiles = 'such as our tiles'
export const keepIt = 'Keep it'
export const beforeIt = 'Before it'
export const afterIt = 'After it'
export const whyIsItSkipped = 'Why is it skipped?'
export const doItAfterAll = 'Do it after all'
export const skipIt = 'Skip it'
export const aStepOfYourOwn = 'A step of your own'
export const suchAsBrushMicaIntoTheMould = 'such as brush mica into the mould'
export const before = 'Before'
export const afterwards = 'After'
export const covers = 'Covers'
export const theWholeFace = 'The whole face'
export const aShareOfIt = 'A share of it'
export const aBandOrRectangle = 'A band or rectangle'
export const aRound = 'A round'
export const anOval = 'An oval'
export const itsOwnOutline = 'Its own outline'
export const shareOfTheFace = 'Share of the face'
export const diameter = 'Diameter'
export const width = 'Width'
export const fromTheLeft = 'From the left'
export const fromTheTop = 'From the top'
export const itsName = 'Its name'
export const suchAsSea = 'such as sea'
export const surfaceBelow = 'Surface below'
export const asThePiece = 'As the piece'
export const saved = 'Saved'
export const notSavedYet = 'Not saved yet'
export const saving = 'Saving'
export const notSaved = 'Not saved'
export const changedElsewhereNotSaved = 'Changed elsewhere, not saved'
export const noAnswerFromTheStudioKeptHereNotSaved = 'No answer from the studio: kept here, not saved'
export const thePiece = 'The piece'
export const undo = 'Undo'
export const toTheMixSheet = 'To the mix sheet'
export const whatToSet = 'What to set'
export const more = 'More'
export const steps = 'Steps'
export const alike = (quantity: Said) => `, ${quantity} alike`
export const drawn = 'Drawn'
export const asItLies = 'As it lies'
export const asItWillHang = 'As it will hang'
export const runOffLabel = 'Run-off'
export const liftOf = (number: Said, all: Said) => `Lift ${number} of ${all}`
export const itsDensitiesAreTypical = (off: Said) =>
    `Its densities are typical ones: weighed, the ratio may be off by up to ${off} %.`
export const asked = (film: Said) => `${film} asked`
export const laid = (laidMm: Said) => `laid ${laidMm}`
export const soMuchLaid = (film: Said) => `${film} laid`
export const asItHasSet = 'As it sets'
export const asItSets = 'as it sets'
export const stays = (film: Said) => `${film} stays`
export const atTheEdge = (film: Said) => `${film} at the edge`
export const thinWithin = (width: Said) => `, thin within ${width}`
export const runOff = (amount: Said) => `${amount} run off`
export const theFilmThen = (when: Said, face: Said, dripped: Said, hanging: Said, wiped: Said) =>
    `${when}: ${face} on the face, ${dripped} dripped, ${hanging}${wiped}.`
export const wipe = (times: number, minutes: Said) =>
    `Wipe ${times === 1 ? 'once' : `${times} times`}: ${minutes} min after the pour.`
export const inYourTraysLay = (pct: Said, pours: number) =>
    `In your trays lay ${pct} % of what was said, over ${pours === 1 ? 'one pour' : `${pours} pours`}.`
export const wayInShort = (mixed: Said, floor: Said, film: Said, wipes: Said) =>
    `${mixed} mixed, ${floor} on the floor, ${film}, ${wipes} wipes`
export const wholeStack = (thickness: Said, ofTarget: Said, grams: Said) =>
    `${thickness} in all${ofTarget}, ${grams} g of resin on each`
export const ofTarget = (thickness: Said) => ` of ${thickness}`
export const skipped = (reason: Said) => `Skipped: ${reason}`
export const onSurface = (surface: Said, size: Said) => `On ${surface}, ${size}`
export const stop = 'stop'
