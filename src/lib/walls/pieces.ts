/** Jobs on a wall: by number as they hang, as they look, and what they are called. */
import type { Scene } from '$core/figures/scene.ts';
import type { JobPicture, WallFile } from '$core/wall/written.ts';
import type { WallPiece } from '$lib/server/wall-piece.ts';

export const picturesOf = (pieces: readonly WallPiece[]): Map<string, JobPicture> =>
	new Map(pieces.map(({ number, picture }) => [number, picture]));

/** By the id under which each hangs. */
export function scenesOf({ pictures }: WallFile, pieces: readonly WallPiece[]): Map<string, Scene> {
	return new Map(
		pictures.flatMap(({ id, job }) => {
			const scene = pieces.find(({ number }) => number === job)?.scene;
			return scene ? [[id, scene] as const] : [];
		})
	);
}

/** The number and the piece’s title, or its own name. */
export function titleOf(id: string, { pictures }: WallFile, pieces: readonly WallPiece[]): string {
	const job = pictures.find((one) => one.id === id)?.job;
	return job === undefined ? id : `${id} ${pieces.find(({ number }) => number === job)?.title ?? ''}`.trim();
}
