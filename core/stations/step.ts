/** A step of the bench, and what writes its sentences: each figure in the words that a tape has for it. */
import type { PieceKind } from '../job/kinds.ts';
import type { AnyStepId, StepId } from '../shop/step-names.ts';
import { lineSize } from './cut/material-name.ts';
import type { Size } from '../geometry/shapes.ts';
import type { Figures } from '../figures.ts';
import type { Shop } from '../shop/shop.ts';
import { showLength, showRead, showSize, showWithUnit, type Look } from '../units/show.ts';
import type { Cut } from '../figures/cut.ts';
import type { Decided } from '../job/decided.ts';
import type { Scene } from '../figures/scene.ts';

export type { AnyStepId, OwnStepId, StepId } from '../shop/step-names.ts';

export type Step = {
	id: AnyStepId;
	title: string;
	/** What is done, with this job's figures. */
	does: string[];
	/** Why it stands here in the order. */
	because?: string;
	caution?: string;
	/** So many are done one after the other, each for itself: a batch; without it, one. */
	pieces?: number;
	/** Minutes of work for all of them, by the house's figures; once the steps are written. */
	minutes?: number;
	/** Minutes to wait before the next step that needs it. */
	waitMinutes?: number;
	/** What is laid ready, each ticked when it is there. */
	ticks?: string[];
	/** Lines of the cut list that it makes or uses. */
	uses: Cut[];
	/** The board as it lies. */
	pictures?: Scene[];
};

/** One that this package wants, before the shop's own come between. */
export type MadeStep = Step & { id: StepId };

/** What steps are written from: the figures, and what is cut for them. */
export type Made = Figures & { cut: Cut[] };

export class Writer {
	readonly job: Decided;
	readonly plan: Made;
	readonly shop: Shop;
	/** Its frame is of metal, not of wood. */
	readonly metal: boolean;

	constructor(job: Decided, plan: Made, shop: Shop, metal: boolean) {
		this.job = job;
		this.plan = plan;
		this.shop = shop;
		this.metal = metal;
	}

	/** A length that is cut. */
	cut(mm: number): string {
		return showLength(mm, this.job.reader).text;
	}

	/** A length that a tape lays. */
	mark(mm: number): string {
		return showLength(mm, this.job.reader, 'mark').text;
	}

	/** A length that is not to be passed. */
	most(mm: number): string {
		return showLength(mm, this.job.reader, 'most').text;
	}

	/** A round figure that nobody computes with, as each unit has it. */
	either(metric: string, inches: string): string {
		return this.job.reader.unit === 'mm' ? metric : inches;
	}

	fine(mm: number): string {
		return showRead(mm, this.job.reader);
	}

	withUnit(mm: number, look: Look = 'mark'): string {
		return showWithUnit(mm, this.job.reader, look);
	}

	size(size: Size, look: Look = 'cut'): string {
		return showSize(size, this.job.reader, look);
	}

	/** Lines of the cut list by their role. */
	parts(...roles: string[]): Cut[] {
		return this.plan.cut.filter(({ role }) => roles.includes(role));
	}

	/** `2 of 542 × 6 high × 5 thick`. */
	counted(cut: Cut): string {
		return `${cut.count} of ${lineSize(cut, this.job.reader)}`;
	}

	/** What it is called: the sheet, the panel. */
	get piece(): string {
		return NOUNS[this.job.piece.kind];
	}

	get floats(): boolean {
		return this.job.windows.some(({ way }) => way === 'float');
	}
}

const NOUNS: Record<PieceKind, string> = {
	paper: 'sheet',
	photograph: 'photograph',
	vellum: 'sheet',
	panel: 'panel',
	canvas: 'canvas',
	textile: 'textile',
	bone: 'piece',
	object: 'piece'
};
