/** What a job file may hold (docs/job-file.md). Names are a contract: adding is free, changing a meaning needs a new version. */
import {
	BACK_SEALS,
	BONE_KINDS,
	CAME_WITH,
	FATES,
	FINISHES,
	FASTENERS,
	FRAME_KINDS,
	HANGER_KINDS,
	OLD_PARTS,
	PIECE_KINDS,
	RABBET_LININGS,
	POINT_KINDS,
	SCOPES,
	SPACER_MATERIALS,
	WINDOW_SHAPES,
	WINDOW_WAYS
} from './kinds.ts';
import { PLACE_CLIMATE_IDS } from '../shop/places.ts';
import { CONCERN_IDS } from '../shop/concerns.ts';
import { SUPPORT_IDS } from '../shop/supports.ts';
import type { Field, Fields, InFile, Read } from './field.ts';
import { SCHOOLS } from './schools.ts';
import { HOLD_KINDS } from './hold-kinds.ts';

export const JOB_FORMAT = 'rare-keep/job';
export const JOB_VERSION = 1;
/** Lists in a file are bounded. */
const MOST = 100;
const MOST_ALIKE = 500;

const length = (says: string) => ({ kind: 'length', says }) as const;
const lengthOrZero = (says: string) => ({ kind: 'length', zero: true, says }) as const;
const text = (says: string, most = 200) => ({ kind: 'text', most, says }) as const;
const cents = (says: string) =>
	({ kind: 'number', least: 0, most: 10_000_000, whole: true, says: `${says}, in cents; not counted unless given` }) as const;
const flag = (says: string) => ({ kind: 'flag', says }) as const;
const id = (says: string) => ({ kind: 'text', most: 60, says }) as const;
/** A built-in colour, a value such as #5f7180, or a name with the shop's or the maker's code. */
const colour = (says: string) =>
	({
		kind: 'either',
		says,
		of: [
			text(`${says}, by name or as #5f7180`, 40),
			{
				kind: 'group',
				says,
				fields: {
					name: text('name', 40),
					code: text('colour code, the shop’s or the maker’s', 40),
					hex: text('appearance, as #5f7180', 7)
				}
			}
		]
	}) as const;

const readings = {
	kind: 'group',
	says: 'the four sides and two diagonals of the sheet, or one width and one height',
	fields: {
		top: length('top side'),
		right: length('right side'),
		bottom: length('bottom side'),
		left: length('left side'),
		d1: length('diagonal from top-left to bottom-right'),
		d2: length('diagonal from top-right to bottom-left'),
		width: length('one width, in place of top and bottom'),
		height: length('one height, in place of left and right')
	}
} as const satisfies Field;

const size = (says: string) => ({ kind: 'group', says, fields: { width: length('width'), height: length('height') } }) as const;

const rect = (says: string) =>
	({
		kind: 'group',
		says,
		fields: {
			left: lengthOrZero('from the left'),
			top: lengthOrZero('from the top'),
			width: length('width'),
			height: length('height')
		}
	}) as const;

const piece = {
	kind: 'group',
	says: 'the piece as received',
	fields: {
		title: text('title of the piece'),
		maker: text('artist'),
		year: text('date', 60),
		owner: text('owner'),
		kind: {
			kind: 'choice',
			of: PIECE_KINDS,
			says: 'kind of piece'
		},
		material: {
			kind: 'choice',
			of: BONE_KINDS,
			says: 'material of a piece of kind bone; ivory, horn and tortoiseshell are regulated by law'
		},
		support: {
			kind: 'choice',
			of: SUPPORT_IDS,
			says: 'what it is on or made of: paper, cloth, panel; boards, water and movement follow from it'
		},
		medium: { kind: 'list', of: text('a medium from the shop’s list', 60), most: MOST, says: 'media' },
		friable: flag('friable; follows from the medium unless given'),
		proteinOrDye: flag(
			'silk, wool, leather, cyanotype or dye print: needs unbuffered boards; follows from the medium unless given'
		),
		sticks: flag('can stick to warm glazing; follows from the medium unless given'),
		noWater: flag('back does not absorb water: paste does not bond; follows from the medium unless given'),
		fixative: {
			kind: 'group',
			says: 'fixative applied',
			fields: { kind: text('which one', 80), on: text('when, as 2026-05-04', 10) }
		},
		fade: { kind: 'number', least: 1, most: 8, whole: true, says: 'light class of the most fugitive part' },
		fadeBecause: text('why a higher class than its media’s', 200),
		replaceable: flag('replaceable'),
		grammage: { kind: 'number', least: 1, most: 5000, says: 'weight of the sheet in g/m²' },
		grain: { kind: 'choice', of: ['unknown', 'along-width', 'along-height'], says: 'grain direction of the paper' },
		readings,
		thickness: length('thickness of the piece'),
		cockle: lengthOrZero('height of the highest cockle above the flat'),
		relief: lengthOrZero('highest relief above its face, such as a seal or thick paint'),
		image: rect('the image within the sheet, from the top-left corner of its bounding box'),
		motif: rect('limits of the motif, from the bounding box’s corner, to centre it'),
		zones: {
			kind: 'list',
			most: MOST,
			says: 'rectangles on the piece that must show, be hidden, or not be touched',
			of: {
				kind: 'group',
				says: 'a zone',
				fields: {
					id: id('name, unique in the file'),
					kind: { kind: 'choice', of: ['show', 'hide', 'keep-off'], says: 'rule of the zone' },
					left: lengthOrZero('from the left'),
					top: lengthOrZero('from the top'),
					width: length('width'),
					height: length('height')
				}
			}
		},
		deckle: flag('an edge that is part of the work'),
		bothSides: flag('worked on both sides'),
		travels: flag('travels'),
		dry: flag('varnish, fixative and paint are dry'),
		concerns: {
			kind: 'list',
			most: MOST,
			says: 'concerns that a conservator should see first',
			of: {
				kind: 'choice',
				of: CONCERN_IDS,
				says: 'a concern'
			}
		},
		conservator: {
			kind: 'group',
			says: 'what a conservator found; with name, date and finding, concerns become cautions',
			fields: {
				name: text('conservator’s name', 80),
				on: text('when, as 2026-05-04', 10),
				finding: text('finding', 500),
				consolidated: flag('loose paint or surface consolidated'),
				of: {
					kind: 'list',
					most: MOST,
					says: 'concerns it covers; all unless given',
					of: { kind: 'choice', of: CONCERN_IDS, says: 'a concern' }
				}
			}
		},
		condition: text('condition on arrival', 2000),
		picture: text('a picture in the data folder, by its checksum', 64)
	}
} as const satisfies Field;

const windowFields = {
	way: { kind: 'choice', of: WINDOW_WAYS, says: 'how the piece shows in the window' },
	shape: { kind: 'choice', of: WINDOW_SHAPES, says: 'shape of the window' },
	overlap: {
		kind: 'lengthOrWord',
		words: ['solve'],
		says: 'how far the mat covers the piece, per side; "solve" finds the largest window'
	},
	reveal: { kind: 'sides', zero: true, says: 'paper left visible round the image' },
	gap: lengthOrZero('gap round a float'),
	setBack: lengthOrZero('setback of a float’s support from the piece’s edge'),
	support: {
		kind: 'none',
		or: id('a board the shop stocks'),
		says: 'board of a float’s support; null: it floats flat on the base board'
	},
	supportEdge: {
		kind: 'choice',
		of: ['square', 'bevelled'],
		says: 'edge of a float’s support; bevelled: undercut at 45°, so that it may be as large as a translucent piece'
	},
	supportTint: text('colour of the support’s face and edge', 40)
} as const satisfies Fields;

const board = id('a board the shop stocks');

export const jobDefinition = {
	kind: 'group',
	says: 'a job: the decisions for one piece',
	fields: {
		format: { kind: 'choice', of: [JOB_FORMAT], says: 'kind of file' },
		version: { kind: 'number', least: JOB_VERSION, most: JOB_VERSION, whole: true, says: 'version of the file format' },
		title: text('title of the job; the piece’s unless given'),
		unit: { kind: 'choice', of: ['mm', 'in'], says: 'unit of bare numbers in strings, and of the cutting step' },
		dates: {
			kind: 'group',
			says: 'days, as 2026-03-14',
			fields: { received: text('received', 10), wanted: text('due', 10) }
		},
		aim: { kind: 'choice', of: ['rare', 'keep', 'show'], says: 'target grade' },
		schools: {
			kind: 'group',
			says: 'shop figures set differently in this job',
			fields: Object.fromEntries(
				SCHOOLS.map((school) => [school.id, { kind: 'choice', of: school.options, says: school.question }])
			)
		},
		piece,
		window: {
			kind: 'group',
			says: 'the window',
			fields: {
				...windowFields,
				openings: {
					kind: 'list',
					most: MOST,
					says: 'several windows in one mat, each with its piece',
					of: {
						kind: 'group',
						says: 'one of several windows',
						fields: {
							piece,
							...windowFields,
							at: {
								kind: 'group',
								says: 'position of its window, from the top-left of all windows',
								fields: { left: lengthOrZero('from the left'), top: lengthOrZero('from the top') }
							}
						}
					}
				},
				grid: {
					kind: 'group',
					says: 'windows in rows and columns',
					fields: {
						columns: { kind: 'number', least: 1, most: MOST, whole: true, says: 'columns' },
						rows: { kind: 'number', least: 1, most: MOST, whole: true, says: 'rows' },
						gutter: lengthOrZero('gutter between two windows')
					}
				}
			}
		},
		mats: {
			kind: 'list',
			most: MOST,
			says: 'the mats, from the front',
			of: {
				kind: 'group',
				says: 'a mat',
				fields: {
					board,
					colour: colour('colour of its face'),
					core: colour('colour of its core'),
					bevelLine: colour('colour of the line painted on the bevel'),
					bevel: { kind: 'choice', of: ['normal', 'reverse'], says: 'bevel: the core shows, or is hidden' },
					reveal: { kind: 'sides', zero: true, says: 'strip of this mat seen inside the one before it' },
					lift: lengthOrZero('height of the lift'),
					liftBoard: id('board of the lift; shop default unless given'),
					setback: lengthOrZero('setback of the lift from the window’s edge'),
					have: {
						kind: 'group',
						says: 'a ready-cut mat: as measured, in place of borders and overlap',
						fields: {
							opening: size('its narrowest opening'),
							outer: size('its outer size'),
							left: lengthOrZero('its left border as measured, seen from the front; half of the remainder unless given'),
							top: lengthOrZero('its top border as measured; half of the remainder unless given'),
							cut: flag('cut here, at its measured size: its board is used'),
							ready: { kind: 'text', most: 60, says: 'taken from the shelf, by name' },
							price: cents('cost to the shop')
						}
					},
					print: size('size of a printed area'),
					printEnds: {
						kind: 'choice',
						of: ['beyond-blank', 'under-lip', 'at-sight'],
						says: 'where the printed area ends: past the blank unless given, hidden by the lip, or at the frame’s sight'
					}
				}
			}
		},
		borders: {
			kind: 'group',
			says: 'the outermost mat’s borders',
			fields: {
				way: { kind: 'choice', of: ['even', 'weighted', 'own', 'fit'], says: 'way of setting them' },
				width: length('border width, for even and weighted'),
				weight: lengthOrZero('extra at the bottom'),
				top: length('top border'),
				right: length('right border'),
				bottom: length('bottom border'),
				left: length('left border'),
				pack: size('pack size for borders of way fit'),
				centre: { kind: 'choice', of: ['window', 'motif'], says: 'centred in the borders' }
			}
		},
		guard: {
			kind: 'group',
			says: 'what protects the piece, layer by layer',
			fields: {
				glazing: id('a glazing the shop stocks, or none'),
				underMat: { kind: 'none', or: board, says: 'the board behind the piece' },
				fillers: {
					kind: 'list',
					most: MOST,
					says: 'fillers that bring the pack up to a depth',
					of: { kind: 'group', says: 'a filler', fields: { board, thickness: length('thickness; the board’s unless given') } }
				},
				backing: { kind: 'none', or: board, says: 'backing board' },
				barrier: { kind: 'none', or: id('a barrier the shop stocks'), says: 'barrier between piece and backing board' },
				spacer: {
					kind: 'none',
					says: 'spacers under the lip',
					or: {
						kind: 'either',
						says: 'a thickness, or material and thickness',
						of: [
							length('thickness'),
							{
								kind: 'group',
								says: 'a spacer',
								fields: {
									material: { kind: 'choice', of: SPACER_MATERIALS, says: 'material' },
									thickness: length('height: the gap it gives'),
									lined: flag('covered with paper or cloth'),
									colour: colour('colour of the covering, or of the edge'),
									seen: lengthOrZero('how far it shows past the lip, by design')
								}
							}
						]
					}
				},
				edgeSeal: {
					kind: 'none',
					or: id('an edge-seal tape the shop stocks'),
					says: 'tape round the pack’s edges'
				},
				sealOnFace: length('edge-seal tape over the glazing’s face; shop default unless given'),
				lining: flag('cloth over the board behind the piece; stitched work always has one'),
				join: { kind: 'choice', of: ['gummed', 'paste', 'transfer', 'spray'], says: 'what joins the mats' },
				joinDistance: lengthOrZero('from the join to the window')
			}
		},
		hold: {
			kind: 'group',
			says: 'hinges, pockets or other hold',
			fields: {
				kind: {
					kind: 'choice',
					of: HOLD_KINDS,
					says: 'kind of hold'
				},
				adhesive: id('an adhesive the shop stocks'),
				count: { kind: 'number', least: 1, most: 50, whole: true, says: 'how many' },
				width: length('hinge width'),
				contact: length('reach of a hinge or strip onto the sheet'),
				places: {
					kind: 'list',
					of: length('a hinge’s centre from the sheet’s left, seen from the front'),
					most: 50,
					says: 'hinge positions at the top edge, left to right; evenly unless given'
				},
				chosen: {
					kind: 'group',
					says: 'what a conservator chose',
					fields: {
						used: text('what was used', 200),
						by: text('who chose it', 80),
						on: text('when', 10),
						release: text('how it comes off', 120)
					}
				},
				slack: {
					kind: 'group',
					says: 'slack in pockets, strips or a sling; the sheet’s movement unless given',
					fields: { width: lengthOrZero('across, both sides together'), height: lengthOrZero('down, top and bottom together') }
				}
			}
		},
		frame: {
			kind: 'group',
			says: 'the frame',
			fields: {
				kind: { kind: 'choice', of: FRAME_KINDS, says: 'kind of frame' },
				moulding: id('a moulding the shop stocks'),
				section: {
					kind: 'group',
					says: 'a profile that is entered',
					fields: {
						face: length('full width from the front'),
						lip: length('lip: overhang over the pack'),
						depth: length('its full depth'),
						rabbetDepth: length('from the lip’s underside to the back'),
						density: { kind: 'number', least: 50, most: 9000, says: 'kg/m³' }
					}
				},
				colour: colour('its colour'),
				ready: {
					kind: 'text',
					most: 60,
					says: 'taken from the shelf, by name: a ready frame, or a stick of its moulding'
				},
				price: cents('cost of an existing or cut-down frame'),
				finish: { kind: 'choice', of: FINISHES, says: 'finish applied here to bare wood' },
				allowance: lengthOrZero('allowance: rabbet less pack'),
				corners: { kind: 'choice', of: ['reinforced', 'plain'], says: 'how the corners are joined' },
				brace: flag('a cross-brace halves the free length of the long rails'),
				deepen: lengthOrZero('strips glued to the frame’s back, which deepen its rabbet'),
				pairStep: length('size step that metal pairs are sold in, such as 25.4 or 10'),
				points: {
					kind: 'choice',
					of: POINT_KINDS,
					says: 'points or clips in a wood frame'
				},
				pointFirst: length('first point from the corner, if the tool’s distance is fixed'),
				lining: {
					kind: 'none',
					or: { kind: 'choice', of: RABBET_LININGS, says: 'a tape' },
					says: 'tape over the rabbet’s bare wood'
				},
				groove: {
					kind: 'group',
					says: 'a groove in the rabbet’s wall',
					fields: { from: lengthOrZero('from the lip down'), width: length('its width') }
				},
				pointCount: {
					kind: 'group',
					says: 'own counts of points or clips',
					fields: {
						top: { kind: 'number', least: 0, most: 200, whole: true, says: 'at the top, and as many at the bottom' },
						side: { kind: 'number', least: 0, most: 200, whole: true, says: 'at one side, and as many at the other' }
					}
				},
				joined: flag('a metal frame supplied joined: opened and reclosed'),
				opening: readings,
				kept: {
					kind: 'group',
					says: 'original parts that stay, in place of guard.glazing, guard.backing, frame.points and hang.by',
					fields: {
						glazing: {
							kind: 'group',
							says: 'its glazing',
							fields: {
								kind: id('a glazing the shop stocks; "unknown" counts as plain glass'),
								thickness: length('thickness; the catalogue’s unless given'),
								size: size('size, if measured')
							}
						},
						back: {
							kind: 'group',
							says: 'its back',
							fields: {
								board: id('a board the shop stocks; "unknown" counts as hardboard'),
								thickness: length('thickness; the board’s unless given')
							}
						},
						points: {
							kind: 'group',
							says: 'what holds the pack',
							fields: {
								kind: { kind: 'choice', of: FASTENERS, says: 'points, tabs or clips' },
								count: { kind: 'number', least: 0, most: 200, whole: true, says: 'how many there are in all' }
							}
						},
						hangers: { kind: 'choice', of: HANGER_KINDS, says: 'hanger' },
						hangersAt: {
							kind: 'group',
							says: 'position, so that paper is cut round them',
							fields: { drop: length('from the frame’s top'), inset: length('from each side') }
						}
					}
				},
				replaced: {
					kind: 'list',
					of: { kind: 'choice', of: CAME_WITH, says: 'a part' },
					most: CAME_WITH.length,
					says: 'original parts removed'
				}
			}
		},
		back: {
			kind: 'group',
			says: 'back tape, dust cover and bumpers',
			fields: {
				seal: {
					kind: 'none',
					or: { kind: 'choice', of: BACK_SEALS, says: 'a tape' },
					says: 'tape over the joint'
				},
				dustCover: flag('paper over the whole back'),
				bumpers: { kind: 'number', least: 0, most: 4, whole: true, says: 'how many' },
				bumperHeight: length('height of a bumper: the gap between back and wall')
			}
		},
		hang: {
			kind: 'group',
			says: 'hanging',
			fields: {
				by: { kind: 'choice', of: HANGER_KINDS, says: 'hanger or stand' },
				hooks: { kind: 'number', least: 1, most: 2, whole: true, says: 'hooks in the wall' },
				drop: length('drop of the rings, as measured from the frame’s top'),
				ring: id('a ring the shop stocks; by wood and weight unless given'),
				strip: flag('a cross strip, glued and screwed, carries the rings'),
				dropShare: { kind: 'number', least: 0.05, most: 0.6, says: 'drop of the rings as a share of the outer height' },
				centreHeight: length('height of the picture’s centre above the floor'),
				turns: flag('also hangs turned 90°: a second set of hangers'),
				stands: flag('also stands: a leg on the back'),
				weighed: { kind: 'number', least: 0.01, most: 500, says: 'total weight on a scale, kg; calculated unless given' }
			}
		},
		place: {
			kind: 'group',
			says: 'where it will hang',
			fields: {
				name: text('name, as the shop calls it', 80),
				room: {
					kind: 'choice',
					of: ['corridor', 'living-room', 'opposite-window', 'beside-window', 'sun-patch', 'other'],
					says: 'kind of place'
				},
				source: {
					kind: 'choice',
					of: ['daylight-glass', 'daylight-open', 'halogen', 'halogen-bare', 'fluorescent', 'led'],
					says: 'source of the light'
				},
				lux: { kind: 'number', least: 0, most: 200000, says: 'lux at the picture' },
				uv: { kind: 'number', least: 0, most: 2000, says: 'UV in that light, µW/lm; follows from the source unless given' },
				monthsPerYear: { kind: 'number', least: 1, most: 12, says: 'months of the year it hangs there' },
				hoursPerDay: { kind: 'number', least: 0, most: 24, says: 'hours a day' },
				sources: {
					kind: 'list',
					most: MOST,
					says: 'several sources',
					of: {
						kind: 'group',
						says: 'a source',
						fields: {
							source: {
								kind: 'choice',
								of: ['daylight-glass', 'daylight-open', 'halogen', 'halogen-bare', 'fluorescent', 'led'],
								says: 'source of the light'
							},
							lux: { kind: 'number', least: 0, most: 200000, says: 'lux at the picture' },
							uv: { kind: 'number', least: 0, most: 2000, says: 'UV in it, µW/lm' },
							hoursPerDay: { kind: 'number', least: 0, most: 24, says: 'hours a day' }
						}
					}
				},
				wall: { kind: 'choice', of: ['plasterboard', 'masonry', 'lath-plaster', 'wood'], says: 'wall construction' },
				wallColour: text('colour of the wall, by name or as #c8d2c6', 40),
				climate: {
					kind: 'choice',
					of: PLACE_CLIMATE_IDS,
					says: 'what the room is like: a kitchen, a bathroom, over heat, unheated'
				},
				outside: flag('an outside wall'),
				children: flag('children play near it'),
				overBed: flag('hangs over a bed or a seat'),
				door: flag('hangs on a door, which shakes it'),
				wallCelsius: { kind: 'number', least: -30, most: 60, says: 'temperature of the wall' }
			}
		},
		belongs: {
			kind: 'group',
			says: 'items that belong with the piece: papers, an inscription, a signature, a title plate',
			fields: {
				papers: { kind: 'list', of: text('a certificate, an invoice, a note'), most: 20, says: 'papers that go with it' },
				inscription: text('inscription on label, mat or print, as chosen', 400),
				signed: flag('artist signs the mat'),
				plate: {
					kind: 'group',
					says: 'a title plate on the bottom rail',
					fields: { text: text('text on it'), width: length('its width'), height: length('its height') }
				}
			}
		},
		scope: { kind: 'choice', of: SCOPES, says: 'scope of work' },
		given: {
			kind: 'group',
			says: 'measurements a part job can’t plan',
			fields: {
				outer: size('outer size of the frame'),
				mass: { kind: 'number', least: 0.01, most: 500, says: 'weight, kg' },
				pack: length('pack thickness, without a new board'),
				holds: text('contents of a frame that stays closed, if known', 400)
			}
		},
		copies: { kind: 'number', least: 1, most: MOST_ALIKE, whole: true, says: 'how many alike' },
		alike: {
			kind: 'list',
			most: MOST_ALIKE,
			says: 'differences between them, in order',
			of: {
				kind: 'group',
				says: 'one of several alike',
				fields: { title: text('its own title'), edition: text('its number in the edition', 40), owner: text('owner') }
			}
		},
		unframing: {
			kind: 'list',
			most: MOST,
			says: 'layers found on unframing, in order',
			of: {
				kind: 'group',
				says: 'a layer',
				fields: {
					what: { kind: 'choice', of: OLD_PARTS, says: 'part' },
					material: text('material', 120),
					condition: text('observations', 400),
					fate: { kind: 'choice', of: FATES, says: 'kept, reused or discarded' },
					picture: text('a picture in the data folder, by its checksum', 64)
				}
			}
		},
		answered: {
			kind: 'list',
			most: 20,
			says: 'stations whose shop defaults were accepted',
			of: { kind: 'choice', of: ['intake', 'window', 'guard', 'hold', 'back', 'wall'], says: 'a station' }
		},
		accepted: {
			kind: 'list',
			most: MOST,
			says: 'accepted cautions',
			of: {
				kind: 'group',
				says: 'an accepted caution; it counts while its facts are the same',
				fields: {
					rule: id('id of the rule'),
					where: text('subject, as the finding names it'),
					facts: text('what the finding said, in millimetres', 400),
					reason: text('reason', 400),
					initials: text('initials', 8)
				}
			}
		}
	}
} as const satisfies Field;

/** Keys that a job file can't be without. */
export const REQUIRED = ['format', 'version'] as const;

/** A job file as it was written: lengths as typed. Keys beginning with `x-` are kept untouched. */
export type JobFile = InFile<typeof jobDefinition>;
/** A job once read: millimetres. */
export type Job = Read<typeof jobDefinition>;
