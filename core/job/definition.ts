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
	POINT_KINDS,
	SCOPES,
	SPACER_MATERIALS,
	WINDOW_SHAPES,
	WINDOW_WAYS
} from './kinds.ts';
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
					name: text('its name', 40),
					code: text('the shop’s or the maker’s code', 40),
					hex: text('how it looks, as #5f7180', 7)
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
	says: 'the piece as it came in',
	fields: {
		title: text('title of the piece'),
		maker: text('who made it'),
		year: text('when it was made', 60),
		owner: text('whose it is'),
		kind: {
			kind: 'choice',
			of: PIECE_KINDS,
			says: 'what the image sits on'
		},
		material: {
			kind: 'choice',
			of: BONE_KINDS,
			says: 'what a piece of kind bone is; ivory, horn and tortoiseshell are regulated by law'
		},
		medium: { kind: 'list', of: text('a medium of the shop’s list', 60), most: MOST, says: 'what the image is made of' },
		friable: flag('sheds particles; follows from the medium unless given'),
		proteinOrDye: flag(
			'silk, wool, leather, cyanotype or dye print: wants un-buffered boards; follows from the medium unless given'
		),
		sticks: flag('can stick to glazing when it is warm; follows from the medium unless given'),
		fixative: {
			kind: 'group',
			says: 'fixative that was put on it',
			fields: { kind: text('which one', 80), on: text('when, as 2026-05-04', 10) }
		},
		fade: { kind: 'number', least: 1, most: 8, whole: true, says: 'light class of the most fugitive part' },
		replaceable: flag('can be printed or made again'),
		grammage: { kind: 'number', least: 1, most: 5000, says: 'weight of the sheet in g/m²' },
		grain: { kind: 'choice', of: ['unknown', 'along-width', 'along-height'], says: 'the way in which the paper’s fibres run' },
		readings,
		thickness: length('thickness of the piece'),
		cockle: lengthOrZero('height of the highest cockle above the flat'),
		relief: lengthOrZero('how far its tallest part, such as a seal or thick paint, rises above its face'),
		image: rect('the image within the sheet, from the top-left corner of its bounding box'),
		motif: rect('the extremes of what is pictured, from the bounding box’s corner, so that it can be centred'),
		zones: {
			kind: 'list',
			most: MOST,
			says: 'rectangles on the piece that must show, be hidden, or not be touched',
			of: {
				kind: 'group',
				says: 'a zone',
				fields: {
					id: id('its name, once in the file'),
					kind: { kind: 'choice', of: ['show', 'hide', 'keep-off'], says: 'what the zone asks' },
					left: lengthOrZero('from the left'),
					top: lengthOrZero('from the top'),
					width: length('width'),
					height: length('height')
				}
			}
		},
		deckle: flag('an edge that is part of the work'),
		bothSides: flag('worked on both sides'),
		travels: flag('will travel'),
		dry: flag('varnish, fixative and paint are dry'),
		concerns: {
			kind: 'list',
			most: MOST,
			says: 'what a conservator should see first',
			of: {
				kind: 'choice',
				of: ['flaking', 'mould', 'brittle', 'old-tape', 'nitrate', 'corrosion', 'protected'],
				says: 'a concern'
			}
		},
		condition: text('what was seen when it came in', 2000),
		picture: text('a picture kept in the data folder, by its sum', 64)
	}
} as const satisfies Field;

const windowFields = {
	way: { kind: 'choice', of: WINDOW_WAYS, says: 'how the piece shows in the window' },
	shape: { kind: 'choice', of: WINDOW_SHAPES, says: 'shape of the window' },
	overlap: {
		kind: 'lengthOrWord',
		words: ['solve'],
		says: 'how far the mat covers the piece, per side; "solve" asks for the largest window'
	},
	reveal: { kind: 'sides', zero: true, says: 'paper left visible round the image' },
	gap: lengthOrZero('free space round a float'),
	setBack: lengthOrZero('how far a float’s support lies inside the piece'),
	support: {
		kind: 'none',
		or: id('a board of the shop'),
		says: 'board of a float’s support; null: it floats flat on the base board'
	},
	supportEdge: {
		kind: 'choice',
		of: ['square', 'bevelled'],
		says: 'edge of a float’s support; bevelled: undercut at 45°, so that it may be as large as a translucent piece'
	},
	supportTint: text('colour in which the support and its edge are coated', 40)
} as const satisfies Fields;

const board = id('a board of the shop');

export const jobDefinition = {
	kind: 'group',
	says: 'a job: what was decided for one piece',
	fields: {
		format: { kind: 'choice', of: [JOB_FORMAT], says: 'which kind of file this is' },
		version: { kind: 'number', least: JOB_VERSION, most: JOB_VERSION, whole: true, says: 'version of the file’s meaning' },
		title: text('title of the job; the piece’s unless given'),
		unit: { kind: 'choice', of: ['mm', 'in'], says: 'unit of bare numbers in strings, and of the cutting step' },
		dates: {
			kind: 'group',
			says: 'days, as 2026-03-14',
			fields: { received: text('when it came in', 10), wanted: text('when it is wanted', 10) }
		},
		aim: { kind: 'choice', of: ['rare', 'keep', 'show'], says: 'the grade aimed at' },
		schools: {
			kind: 'group',
			says: 'house rules that this job sets differently',
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
								says: 'where its window lies, from the top-left of all windows',
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
						gutter: lengthOrZero('between two windows')
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
					bevel: { kind: 'choice', of: ['normal', 'reverse'], says: 'the core shows, or is hidden' },
					reveal: { kind: 'sides', zero: true, says: 'strip of this mat seen inside the one before it' },
					lift: lengthOrZero('height of the strips behind it'),
					liftBoard: id('board that the lift is made of; the shop chooses unless given'),
					setback: lengthOrZero('how far the lift lies back from the window’s edge'),
					have: {
						kind: 'group',
						says: 'it was bought cut, or is at hand: as measured, in place of borders and overlap',
						fields: {
							opening: size('its narrowest opening'),
							outer: size('its outer size'),
							left: lengthOrZero('its left border as measured, seen from the front; half of what is left unless given'),
							top: lengthOrZero('its top border as measured; half of what is left unless given'),
							cut: flag('it was cut here, and is as it came out: its board is used'),
							ready: { kind: 'text', most: 60, says: 'what it is taken from the shelf as, by name' },
							price: cents('what the shop paid for it')
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
				way: { kind: 'choice', of: ['even', 'weighted', 'own', 'fit'], says: 'how they are found' },
				width: length('border of even and weighted'),
				weight: lengthOrZero('how much wider the bottom is'),
				top: length('top border'),
				right: length('right border'),
				bottom: length('bottom border'),
				left: length('left border'),
				pack: size('the pack that borders of way fit must give'),
				centre: { kind: 'choice', of: ['window', 'motif'], says: 'what is in the middle of the borders' }
			}
		},
		guard: {
			kind: 'group',
			says: 'what keeps the piece safe, layer by layer',
			fields: {
				glazing: id('glazing of the shop, or none'),
				underMat: { kind: 'none', or: board, says: 'the board behind the piece' },
				fillers: {
					kind: 'list',
					most: MOST,
					says: 'boards that bring the pack up to a depth',
					of: { kind: 'group', says: 'a filler', fields: { board, thickness: length('its thickness; the board’s unless given') } }
				},
				backing: { kind: 'none', or: board, says: 'the stiff board at the back' },
				barrier: { kind: 'none', or: id('a barrier of the shop'), says: 'between piece and backing' },
				spacer: {
					kind: 'none',
					says: 'strips under the lip',
					or: {
						kind: 'either',
						says: 'a thickness, or material and thickness',
						of: [
							length('thickness'),
							{
								kind: 'group',
								says: 'a spacer',
								fields: {
									material: { kind: 'choice', of: SPACER_MATERIALS, says: 'what it is made of' },
									thickness: length('its height: the air that it gives'),
									lined: flag('covered with paper or cloth'),
									colour: colour('colour of its covering, or of its edge'),
									seen: lengthOrZero('how much of it stands out past the lip, by design')
								}
							}
						]
					}
				},
				edgeSeal: {
					kind: 'none',
					or: id('an edge-seal tape of the shop'),
					says: 'tape round the pack’s edges'
				},
				sealOnFace: length('how far that tape comes over the glazing’s face; the house’s unless given'),
				lining: flag('the board behind the piece is covered with cloth; what is stitched always lies on one'),
				join: { kind: 'choice', of: ['gummed', 'paste', 'transfer', 'spray'], says: 'what joins the mats' },
				joinDistance: lengthOrZero('from the join to the window')
			}
		},
		hold: {
			kind: 'group',
			says: 'what the piece hangs by',
			fields: {
				kind: {
					kind: 'choice',
					of: HOLD_KINDS,
					says: 'kind of hold'
				},
				adhesive: id('an adhesive of the shop'),
				count: { kind: 'number', least: 1, most: 50, whole: true, says: 'how many' },
				width: length('width of one hinge'),
				contact: length('how far a hinge or a strip reaches onto the sheet'),
				places: {
					kind: 'list',
					of: length('a hinge’s centre from the sheet’s left, seen from the front'),
					most: 50,
					says: 'where the hinges at the top edge come, from left to right; evenly unless given'
				},
				chosen: {
					kind: 'group',
					says: 'what a conservator chose',
					fields: {
						used: text('what was used', 200),
						by: text('who chose it', 80),
						on: text('when', 10),
						release: text('how it comes off again', 120)
					}
				},
				slack: {
					kind: 'group',
					says: 'room that pockets, strips or a sling leave the sheet; its movement unless given',
					fields: { width: lengthOrZero('across, both sides together'), height: lengthOrZero('down, top and bottom together') }
				}
			}
		},
		frame: {
			kind: 'group',
			says: 'the frame',
			fields: {
				kind: { kind: 'choice', of: FRAME_KINDS, says: 'kind of frame' },
				moulding: id('a moulding of the shop'),
				section: {
					kind: 'group',
					says: 'a profile that is entered',
					fields: {
						face: length('its full width from the front'),
						lip: length('how far it overhangs the pack'),
						depth: length('its full depth'),
						rabbetDepth: length('from the lip’s underside to the back'),
						density: { kind: 'number', least: 50, most: 9000, says: 'kg/m³' }
					}
				},
				colour: colour('its colour'),
				ready: {
					kind: 'text',
					most: 60,
					says: 'what it is taken from the shelf as, by name: a ready frame, or a stick of its moulding'
				},
				price: cents('what the shop paid for a frame that is there, or is cut down'),
				finish: { kind: 'choice', of: FINISHES, says: 'what its bare wood is finished with here' },
				allowance: lengthOrZero('how much larger the rabbet is than the pack'),
				corners: { kind: 'choice', of: ['reinforced', 'plain'], says: 'how the corners are joined' },
				brace: flag('a cross-brace halves the free length of the long rails'),
				deepen: lengthOrZero('strips glued to the frame’s back, which deepen its rabbet'),
				pairStep: length('step of the list that a metal section’s pairs are sold by, such as 25.4 or 10'),
				points: {
					kind: 'choice',
					of: POINT_KINDS,
					says: 'what holds the pack in a wood frame'
				},
				pointFirst: length('first point from the corner, where the tool has a fixed stop'),
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
				joined: flag('a metal frame that is delivered joined: it is opened and closed again'),
				opening: readings,
				kept: {
					kind: 'group',
					says: 'what came with a frame and stays, in place of guard.glazing, guard.backing, frame.points and hang.by',
					fields: {
						glazing: {
							kind: 'group',
							says: 'its glazing',
							fields: {
								kind: id('a glazing of the shop; "unknown" is taken as plain glass'),
								thickness: length('its thickness; the catalogue’s unless given'),
								size: size('its size, where it was measured')
							}
						},
						back: {
							kind: 'group',
							says: 'its back',
							fields: {
								board: id('a board of the shop; "unknown" is taken as hardboard'),
								thickness: length('its thickness; the board’s unless given')
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
						hangers: { kind: 'choice', of: HANGER_KINDS, says: 'what it hangs by' },
						hangersAt: {
							kind: 'group',
							says: 'where they are, so that paper is slit round them',
							fields: { drop: length('from the frame’s top'), inset: length('from each side') }
						}
					}
				},
				replaced: {
					kind: 'list',
					of: { kind: 'choice', of: CAME_WITH, says: 'a part' },
					most: CAME_WITH.length,
					says: 'what came with it and leaves'
				}
			}
		},
		back: {
			kind: 'group',
			says: 'how the back is closed',
			fields: {
				seal: {
					kind: 'none',
					or: { kind: 'choice', of: BACK_SEALS, says: 'a tape' },
					says: 'tape over the joint'
				},
				dustCover: flag('paper over the whole back'),
				bumpers: { kind: 'number', least: 0, most: 4, whole: true, says: 'how many' },
				bumperHeight: length('height of a bumper: the air between back and wall')
			}
		},
		hang: {
			kind: 'group',
			says: 'how it hangs',
			fields: {
				by: { kind: 'choice', of: HANGER_KINDS, says: 'what it hangs by, or stands on' },
				hooks: { kind: 'number', least: 1, most: 2, whole: true, says: 'hooks in the wall' },
				drop: length('drop of the rings, as measured from the frame’s top'),
				ring: id('ring of the shop; the shop chooses one that the wood takes unless given'),
				strip: flag('a strip glued and screwed across the back carries the rings'),
				dropShare: { kind: 'number', least: 0.05, most: 0.6, says: 'drop of the rings as a share of the outer height' },
				centreHeight: length('height of the picture’s centre above the floor'),
				turns: flag('it hangs turned a quarter too: a second set of hangers'),
				stands: flag('it stands too: a leg on the back'),
				weighed: { kind: 'number', least: 0.01, most: 500, says: 'what the whole weighs on a scale, kg; computed unless given' }
			}
		},
		place: {
			kind: 'group',
			says: 'where it will hang',
			fields: {
				name: text('its name, as the house calls it', 80),
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
				lux: { kind: 'number', least: 0, most: 200000, says: 'light at the picture' },
				uv: { kind: 'number', least: 0, most: 2000, says: 'UV in that light, µW/lm; follows from the source unless given' },
				monthsPerYear: { kind: 'number', least: 1, most: 12, says: 'months of the year in which it hangs there' },
				hoursPerDay: { kind: 'number', least: 0, most: 24, says: 'hours of it a day' },
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
							lux: { kind: 'number', least: 0, most: 200000, says: 'light at the picture' },
							uv: { kind: 'number', least: 0, most: 2000, says: 'UV in it, µW/lm' },
							hoursPerDay: { kind: 'number', least: 0, most: 24, says: 'hours of it a day' }
						}
					}
				},
				wall: { kind: 'choice', of: ['plasterboard', 'masonry', 'lath-plaster', 'wood'], says: 'what the wall is' },
				wallColour: text('colour of the wall, by name or as #c8d2c6', 40),
				outside: flag('an outside wall'),
				children: flag('children play near it'),
				overBed: flag('it hangs over a bed or a seat'),
				door: flag('it hangs on a door, which shakes it'),
				wallCelsius: { kind: 'number', least: -30, most: 60, says: 'temperature of the wall' }
			}
		},
		belongs: {
			kind: 'group',
			says: 'what belongs with the piece: papers, an inscription, a signature, a title plate',
			fields: {
				papers: { kind: 'list', of: text('a certificate, an invoice, a note'), most: 20, says: 'papers that go with it' },
				inscription: text('what is written on label, mat or print, by the school', 400),
				signed: flag('its maker signs the mat'),
				plate: {
					kind: 'group',
					says: 'a title plate on the bottom rail',
					fields: { text: text('what stands on it'), width: length('its width'), height: length('its height') }
				}
			}
		},
		scope: { kind: 'choice', of: SCOPES, says: 'what the job covers of the work' },
		given: {
			kind: 'group',
			says: 'what a job that is a part does not plan itself',
			fields: {
				outer: size('outer size of the frame'),
				mass: { kind: 'number', least: 0.01, most: 500, says: 'what it weighs, kg' },
				pack: length('thickness of what lies in the rabbet, a new board apart'),
				holds: text('what is in a frame that stays closed, as far as it is known', 400)
			}
		},
		copies: { kind: 'number', least: 1, most: MOST_ALIKE, whole: true, says: 'how many are made alike' },
		alike: {
			kind: 'list',
			most: MOST_ALIKE,
			says: 'what differs from one of them to the next, in their order',
			of: {
				kind: 'group',
				says: 'one of several alike',
				fields: { title: text('its own title'), edition: text('its number in the edition', 40), owner: text('whose it is') }
			}
		},
		unframing: {
			kind: 'list',
			most: MOST,
			says: 'what an old package held, layer by layer as it came out',
			of: {
				kind: 'group',
				says: 'a layer',
				fields: {
					what: { kind: 'choice', of: OLD_PARTS, says: 'which part it is' },
					material: text('what it is made of', 120),
					condition: text('what was seen on it', 400),
					fate: { kind: 'choice', of: FATES, says: 'whether it stays with the piece' },
					picture: text('a picture kept in the data folder, by its sum', 64)
				}
			}
		},
		answered: {
			kind: 'list',
			most: 20,
			says: 'stations whose house choices were looked at and taken',
			of: { kind: 'choice', of: ['intake', 'window', 'guard', 'hold', 'back', 'wall'], says: 'a station' }
		},
		accepted: {
			kind: 'list',
			most: MOST,
			says: 'cautions that were accepted knowingly',
			of: {
				kind: 'group',
				says: 'an accepted caution; it counts while its facts are the same',
				fields: {
					rule: id('id of the rule'),
					where: text('what it is about, as the finding says'),
					facts: text('what the finding said, in millimetres', 400),
					reason: text('why it was accepted', 400),
					initials: text('who accepted it', 8)
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
