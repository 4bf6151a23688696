/** What a kind of hold is: one file gives all of it, and a part that is missing does not compile. */
import type { Cut } from '../../../figures/cut.ts';
import type { Hold } from '../../../figures/hold.ts';
import type { Measure } from '../../../figures/measure.ts';
import type { Shape } from '../../../figures/scene.ts';
import type { PlacedOpening } from '../../../figures/window.ts';
import type { Point, Size } from '../../../geometry/shapes.ts';
import type { Decided } from '../../../job/decided.ts';
import type { Piece } from '../../../job/decide-piece.ts';
import type { WindowChoice } from '../../../job/decide-window.ts';
import type { HoldKind } from '../../../job/hold-kinds.ts';
import type { Sight } from '../../../rule/sights.ts';
import type { Write } from '../../../rule/book.ts';
import { plain } from '../../../rule/term.ts';
import type { Grade } from '../../../shop/grades.ts';
import type { Adhesive } from '../../../shop/holds.ts';
import type { House } from '../../../shop/house.ts';
import type { Shop } from '../../../shop/shop.ts';
import type { Reader } from '../../../units/show.ts';
import type { Held } from '../held.ts';
import type { AddCut } from '../../cut-part.ts';
import type { MadeStep, Writer } from '../../step.ts';

/** What a hold has to suit: the piece, and whether it floats or has no mat before it. */
export type Fitting = { piece: Piece['kind']; float: boolean; bare: boolean };

/** What all kinds share, before the kind's own figures. */
export type Shared = Pick<Hold, 'kind' | 'inset' | 'tissue' | 'sheetGrams' | 'loadKPa' | 'workingKPa' | 'dryMinutes'>;

/** What a hold is planned from. */
export type HoldInput = { measure: Measure; movement: Size; opening: PlacedOpening; choice: WindowChoice; pack: Size };
export type Subject = HoldInput & { job: Decided; piece: Piece; shop: Shop };

/** Figures that this kind has none of. */
export function nothing(write: Write, names: readonly string[], anchor: string): void {
	for (const name of names) write(name, plain(0), anchor);
}

export type Contact = {
	what: 'hinge' | 'pocket' | 'strip' | 'point' | 'patch';
	/** Convex, from the bounding box's corner. */ ring: Point[];
};

/** Draws on the back, left and right changed over. */
export type BackPen = {
	sight: Held;
	house: House;
	held: (ring: Point[], title: string) => Shape;
	turned: (ring: Point[]) => Point[];
};

export type HoldDefinition = {
	/** Where it is chosen; on papers; on the label and in the strip of stations. */
	names: { choice: string; paper: string; label: string };
	/** The same of a float, where something else holds it there. */
	inFloat?: { paper: string; label: string };
	/** Why it does not suit a piece, in a sentence that says what to choose; null where it does. */
	refuses(to: Fitting): string | null;
	/** Whether it is offered for a piece that it suits: neither what is wet, nor what sticks for good, is where it harms. */
	offered(to: Fitting): boolean;
	adhesive: {
		/** The house's choice. */
		usual(float: boolean, aim: Grade): string;
		/** Why a family does not go with it; null where it does. */
		refuses(family: Adhesive['family'], float: boolean): string | null;
	};
	/** Its figures, each written down. @throws FaultError for places that do not lie on the sheet, or meet */
	plan(shared: Shared, subject: Subject, write: Write): Hold;
	/** Where it touches the piece. */
	contacts(of: Pick<Held, 'hold' | 'measure' | 'choice'>): Contact[];
	/** What is cut, torn or folded for it. */
	cut(holds: Hold[], job: Decided, house: House, add: AddCut): void;
	/** Hardware to lay ready for it. */
	gather?(holds: Hold[]): string[];
	/** As it is seen through the backing. */
	shapes(pen: BackPen): Shape[];
	/** The steps that hold it, in the order of the hands, from the tabs to the support on its base; none where fitting the frame does. */
	steps(sights: Sight[], writer: Writer, around: Around): MadeStep[];
	/** Whether it lays the piece on its face, or turns it over. */
	turnsOver(job: Decided): boolean;
	/** What it comes to where nothing is wrong with it, in a few words. */
	comesTo(holds: Hold[], reader: Reader): string;
};

/** What every kind has about it: the piece laid in its place, and a float’s support fixed to its base. */
export type Around = { place: () => MadeStep; toBase: MadeStep[] };

export type HoldDefinitions = Record<HoldKind, HoldDefinition>;

/** Nothing sticks to the piece. */
export function noAdhesive(says: string): HoldDefinition['adhesive'] {
	return { usual: () => 'none', refuses: (family) => (family === 'none' ? null : `${says} Choose none.`) };
}

/** Of several sheets each part says which it holds. */
export function whose(job: Decided, index: number): Pick<Cut, 'of'> {
	return job.several ? { of: `window ${index + 1}` } : {};
}
