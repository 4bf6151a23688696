/** One word a thing: what is not said in the program, what is said in its place, and where the word means something else. */

export type NotUsed = {
	not: RegExp;
	use: string;
	/** Texts in which the word is right, each with its reason. */
	but?: readonly { in: RegExp; because: string }[];
};

const AIR =
	/(warm|humid|canned|filtered|room) air\b|\bair ([- ]?dry|pressure|pass\b|can pass)|air-conditioned|air in\b|air out\b|s air\b|air rises/i;
const WET = /damp (summer|autumn)|barely damp|(is|gets|been) damp/i;
const METER =
	/logger|meter|calliper|lux|\bhours?\b|humidity|its reading\b|column|hour, rh|rows hold|^\{\} readings$|^Reading \{\}$|^(add a|remove) reading|first reading|readings found|are accepted|Reading the file|room has no readings|light/i;

export const NOT_USED: readonly NotUsed[] = [
	// Habits of a translation.
	{ not: /(?<!\b[Tt]here )\b(is|are) no (?!longer\b|more than\b|less than\b)/, use: 'is not a …' },
	{ not: /\b(wanted|wants)\b/i, use: 'due; needed, needs', but: [{ in: /owner wants/, because: 'a person wants' }] },
	{ not: /\basks for\b|\b(was|is|were) asked for\b/i, use: 'needs; entered' },
	{ not: /\bnobody has said\b|\bnot said\b/i, use: 'not recorded' },
	{
		not: /\bas it (came|comes)\b/i,
		use: 'default; on arrival',
		but: [{ in: /layer as it comes out/, because: 'a layer comes out of a frame' }]
	},
	{ not: /\btill\b/i, use: 'until' },
	{ not: /\bsomebody\b/i, use: 'someone' },
	{ not: /\b(by|through) a low light\b/i, use: 'in low-angle light' },
	{ not: /\blook(s|ed|ing)? (at|for)\b|\blook again\b|\bnext look\b/i, use: 'check' },
	{ not: /\bby eye\b/i, use: 'judge' },
	{ not: /\beyes( and ears)? covered\b/i, use: 'safety glasses' },
	{ not: /\bgoes? before this\b/i, use: 'overrules' },
	{ not: /\bat hand\b/i, use: 'ready-cut; existing; in stock' },
	{ not: /\bthat (is|are) there\b/i, use: 'existing' },
	{ not: /\bwrite (it )?down\b|\bwritten down\b/i, use: 'record' },
	{ not: /\bput(ting)? (it )?right\b|\bmend(s|ed|ing)?\b|\bremed(y|ies)\b/i, use: 'fix' },
	{
		not: /\btak(e|en|ing) (down|back|out)\b/i,
		use: 'remove',
		but: [
			{
				in: /[Tt]ak(e|en) out (the card|its clips|of)|Take it out of frame\.kept|out of its frame|the clips out/,
				because: 'lifted out by hand; a key of the file'
			}
		]
	},
	{ not: /\b(give|given|gave|giving) up\b|\bput away\b|^leave it$/i, use: 'cancel; drop; store' },
	{ not: /\bopen(s|ed|ing)? (it )?again\b/i, use: 'reopen' },
	{ not: /\b(lies|lie) on each other\b/i, use: 'overlap' },
	{ not: /\baim(ed)?( at)?\b/i, use: 'target grade' },
	{ not: /\bhalf-time\b/i, use: 'halfway after' },
	{ not: /\bit exists\b|\bgiven outright\b|\bheld down\b|\bby mass\b|\bopens by\b|\bplease\b/i, use: 'a word of the trade' },

	// One word a thing.
	{
		not: /\b(kept|keeping)\b/i,
		use: 'saved, saving',
		but: [
			{
				in: /offcut kept|offcuts kept|kept with the piece|[Kk]ept, reused|worth keeping|frame\.kept/,
				because: 'not thrown away; a key of the file'
			}
		]
	},
	{ not: /\bunder-?mats?\b/i, use: 'back mat' },
	{ not: /\blites?\b/i, use: 'pane' },
	{ not: /\bpackages?\b/i, use: 'pack; matted set', but: [{ in: /Debian’s packages/, because: 'software' }] },
	{ not: /\bhouses?\b/i, use: 'shop', but: [{ in: /Keeper’s house/, because: 'a dwelling of the scenario' }] },
	{
		not: /\bschools?\b/i,
		use: 'ways of working',
		but: [{ in: /School map|for schools|School of Tern/, because: 'a school of the scenario' }]
	},
	{ not: /\bmass(es)?\b/i, use: 'weight' },
	{ not: /\bgrow(s|n|th)?\b/i, use: 'expand, movement; increase' },
	{
		not: /\bsheds?\b|\bshedding\b/i,
		use: 'friable',
		but: [{ in: /boat sheds|cloth sheds/i, because: 'a building; fibres of cloth' }]
	},
	{ not: /\bcan be (made|printed) again\b/i, use: 'replaceable' },
	{ not: /\bweight at the bottom\b/i, use: 'extra at the bottom' },
	{ not: /\blegs of (a|the )?(pocket|\d|\{)/i, use: 'sides' },
	{
		not: /\broom behind\b|\bdepth less pack\b/i,
		use: 'clearance',
		but: [{ in: /rabbet depth less pack/i, because: 'clearance is explained' }]
	},
	{ not: /\bfoot\b/i, use: 'bottom' },
	{ not: /\b(lower|upper) edge\b/i, use: 'bottom, top' },
	{ not: /\bback up\b/i, use: 'face down' },
	{ not: /\bset-backs?\b/i, use: 'setback' },
	{ not: /\bnothing sticks\b/i, use: 'no adhesive' },
	{ not: /\bst(uck|ick|icking) (it )?down\b/i, use: 'mounted overall' },
	{
		not: /\brigid pins?\b|\bflexible tabs?\b|\bhand-pushed\b|\b\d+ (pins|tabs) with a tool\b/i,
		use: 'rigid, flexible, push point'
	},
	{ not: /\btwo-hole\b|\b(one|two) holes?\b/i, use: 'D-ring, strap hanger' },
	{ not: /\bstrips? (glued and screwed )?across the back\b/i, use: 'cross strip' },
	{ not: /\bcleat’s (rails?|strip)\b/i, use: 'frame rail, wall rail' },
	{ not: /\bsockets?\b/i, use: 'outlet' },
	{ not: /\bout of true\b/i, use: 'out of square' },
	{ not: /\bturned a quarter\b/i, use: 'turned 90°' },
	{
		not: /\bleast\b/i,
		use: 'minimum; at least',
		but: [{ in: /\bat least\b|touches the sheet least/i, because: 'a lower limit in a sentence; an adverb' }]
	},
	{ not: /\bair\b/i, use: 'gap', but: [{ in: AIR, because: 'air itself' }] },
	{ not: /\bdamp\b/i, use: 'humidity, moisture', but: [{ in: WET, because: 'it means wet' }] },
	{ not: /\bpasse-?partout|\baperture\b/i, use: 'mat; window' },
	{ not: /\bun-buffered\b/i, use: 'unbuffered' },
	{ not: /\bpaper cover\b/i, use: 'dust cover' },
	{ not: /\bback seals?\b/i, use: 'back tape' },
	{ not: /\bworking value\b/i, use: 'limit; handbook value' },
	{ not: /\breadings?\b/i, use: 'measurement', but: [{ in: METER, because: 'of a meter or a logger' }] },
	{ not: /\bmakers?\b/i, use: 'artist', but: [{ in: /maker’s( code)?$|maker’s code/, because: 'a colour has a maker’s code' }] },

	// What no reader should meet.
	{ not: /!(?!\[)/, use: 'a full stop' },
	{ not: /\b(in in|mm mm|kg kg|lb lb)\b/, use: 'the unit once' },
	{ not: /undefined|NaN|\bInfinity\b|\[object/, use: 'a value', but: [{ in: /^Infinity$/, because: 'a setting of the server' }] }
];

/** Of what is made of a job only: in the sources there are placeholders. */
export const NOT_MADE: readonly RegExp[] = [
	/\b(left|right) in front\b/i,
	/\s\s/,
	/ [.,;:]/,
	/[−-]\d+(\.\d+)? (mm|in)\b/,
	/\b0 (mm|in) (over|of) 0\b/
];

/** @returns what is wrong with a text; null where nothing is */
export function notUsedIn(text: string): NotUsed | null {
	return (
		NOT_USED.find(({ not, but = [] }) => {
			if (!not.test(text)) return false;
			return !but.some((one) => one.in.test(text));
		}) ?? null
	);
}
