import type { Said } from '../said'

export const templateOf = (name: Said) => `Template of ${name}`
export const backingInFullSize = ': backing at 1:1'
export const smallerAllRoundBy = 'Smaller all round by'
export const print = 'Print'
export const thePiece = 'The piece'
export const itIsLargerThanASheetOfA4OrLetterPrint =
    'It is larger than a sheet of A4 or Letter: print it on a larger one, or as a poster on several.'
export const aRuleOf100Mm = 'A rule of 100 mm'
export const measureTheLine = '100 mm: measure it. If it is not, print at 100 %, not to fit.'
export const theOutlineOfToBeCut = (name: Said) => `The outline of ${name}, to be cut`
export const backing = (piece: Said, less: Said) => `${piece}, backing, ${less} smaller all round`
