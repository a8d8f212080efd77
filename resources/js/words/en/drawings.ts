import type { Said } from '../said'

export const temperature = 'temperature'
export const thicknessPaS = 'thickness, Pa·s'
export const empty = 'empty'
export const coatTheEdge = (side: Said) => `Coat the ${side} edge`
export const labelAtMost = (labelMaxMm: Said) => `label: ${labelMaxMm} at most`
export const edgeHolds = (holdsMm: Said) => `edge holds ${holdsMm}`
export const levelsFrom = (thinnestMm: Said) => `levels from ${thinnestMm}`
export const asItWillHangItsFaceUp = '; as it will hang, its face up'
export const itLiesFaceDownWhatIsLowestHereBecomes = '; it lies face down: what is lowest here becomes the face'
export const atTheWallTrueProportions = 'at the wall, true proportions'
export const edgeAtDegTrueProportions = (edgeAngleDeg: Said) => `edge at ${edgeAngleDeg}°, true proportions`
export const filmThickness = 'Film thickness'
export const thePhotoArrowKeysMoveEnterMarksAPoint =
    'The photo: arrow keys move, Enter marks a point, Delete takes the last one away, C makes a corner'
export const upTheWall = 'up the wall'
export const radiusOfTheEdge = 'Radius of the edge'
export const itKeeps = (radiusMm: Said, keepsMm: Said) => `${radiusMm}: it keeps ${keepsMm}`
export const round = 'round'
export const wet = 'Wet'
export const itFlowsAndHealsSpreadTorchWipe = 'It flows and heals. Spread, torch, wipe.'
export const tacky = 'Tacky'
export const itHoldsAPrintTouchNothing = 'It holds a print. Touch nothing.'
export const windowOpen = 'Window open'
export const theNextCoatBondsWithoutSanding = 'The next coat bonds without sanding.'
export const windowShut = 'Window shut'
export const tooLateToCoatTooSoonToSand = 'Too late to coat, too soon to sand.'
export const hard = 'Hard'
export const itCanBeSandedAndCoatedAgain = 'It can be sanded and coated again.'
export const cured = 'Cured'
export const itIsItselfUseIt = 'It is itself. Use it.'
export const emptyAt = (min: Said) => `empty ${min} min`
export const edge = (depth: Said) => `edge ${depth}`
export const longestSideDrawn = (side: Said, factor: Said) => `longest side ${side}, film drawn ×${factor} thicker`
