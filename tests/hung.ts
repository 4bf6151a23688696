/** Frames of a given outer size and face, hung with a given mass. */
import { decide } from '../core/decide.ts';
import type { Hang } from '../core/figures/hang.ts';
import type { JobFile } from '../core/job/definition.ts';
import { readJob } from '../core/job/read.ts';
import { unwritten } from '../core/rule/book.ts';
import type { House } from '../core/shop/house.ts';
import { builtInShop, type Shop } from '../core/shop/shop.ts';
import { planFrame } from '../core/stations/frame/frame.ts';
import { planHang } from '../core/stations/hang/hang.ts';
import { workedJob } from './jobs.ts';

export type Of = { width?: number; height?: number; face?: number; kg?: number; hang?: JobFile['hang'] };

/** @param own what the shop has of its own: house figures, wires */
export function hung(
	{ width = 577, height = 736, face = 22, kg = 3.2, hang = {} }: Of,
	own: Partial<House> & Pick<Partial<Shop>, 'wires'> = {}
): Hang {
	const { wires = builtInShop.wires, ...house } = own;
	const shop = { ...builtInShop, wires, house: { ...builtInShop.house, ...house } };
	const job = decide(
		readJob(workedJob({ frame: { section: { face, lip: 6, depth: 30, rabbetDepth: 16, density: 680 }, allowance: 0 }, hang })),
		shop
	);
	const pack = { width: width - 2 * (face - 6), height: height - 2 * (face - 6) };
	const frame = planFrame(job, shop, { pack, thickness: 15, ready: null }, unwritten)!;
	return planHang(job, shop, { frame, kg }, unwritten);
}
