/** An SVG of shapes alone: it is shown as an image, where nothing runs, and is not kept when it asks for more. */
export function isQuietSvg(text: string): boolean {
	return (
		/<svg[\s>]/.test(text) &&
		!/<\s*(script|foreignObject|iframe|use|image|style|animate|set)\b|\son\w+\s*=|href\s*=|<!DOCTYPE|<!ENTITY|<\?xml-stylesheet/i.test(
			text
		)
	);
}
