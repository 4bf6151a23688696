/** What may hold a pack in its frame, as it is said of one and of many. */
import type { Points } from '../../figures/frame.ts';

export const FASTENER_NAMES: Record<Points['kind'], { one: string; many: string }> = {
	rigid: { one: 'rigid point', many: 'rigid points' },
	flexible: { one: 'flexible point', many: 'flexible points' },
	hand: { one: 'push point', many: 'push points' },
	'turn-buttons': { one: 'turn button with its screw', many: 'turn buttons with their screws' },
	'offset-clips': { one: 'offset clip with its screw', many: 'offset clips with their screws' },
	clips: { one: 'spring clip', many: 'spring clips' }
};
