/** On which a page of somebody's may stand. */
export type Ground = 'light' | 'dark' | 'patterned'

/** As wide as the space for a button may be, in px. */
export type PageWidth = '280' | '390' | '720'

export const GROUNDS: Record<Ground, { background: string; color: string }> = {
  light: { background: '#fff', color: '#18222d' },
  dark: { background: '#1b1f24', color: '#e8edf1' },
  patterned: {
    background: 'repeating-linear-gradient(45deg,#d9e4dc 0 12px,#eef3ee 12px 24px)',
    color: '#18222d',
  },
}
