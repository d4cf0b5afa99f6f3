import { create } from 'qrcode'

const QUIET = 4

/** How much of a code may be damaged: 7, 15, 25, 30 %. */
export type QrLevel = 'L' | 'M' | 'Q' | 'H'

/**
 * A QR code (ISO/IEC 18004) with its quiet zone of four squares on every side.
 *
 * @returns its side in squares, and the dark ones as the path of an SVG.
 */
export function qrOf(text: string, level: QrLevel): { side: number; squares: string } {
  const { size, data } = create(text, { errorCorrectionLevel: level }).modules
  const squares = Array.from(data, (isDark, at) =>
    isDark ? `M${(at % size) + QUIET} ${Math.floor(at / size) + QUIET}h1v1h-1z` : '',
  ).join('')
  return { side: size + 2 * QUIET, squares }
}
