<script lang="ts">
	/** What lies under the finger, magnified beside it. */
	type Props = {
		/** The id of what is drawn, in mm. */
		drawn: string;
		/** The place that is looked at, mm of the scene. */
		middle: { x: number; y: number };
		/** Where the finger is, px. */
		finger: { x: number; y: number };
		/** px a mm */
		scale: number;
		size: { width: number; height: number };
	};
	const { drawn, middle, finger, scale, size }: Props = $props();
	const id = $props.id();
	const RADIUS = 56;
	const TIMES = 3;
	/** A finger's breadth. */
	const AWAY = 40;
	/** Above the finger; beside it where there is no room. */
	const at = $derived.by(() => {
		const within = (value: number, most: number) => Math.max(RADIUS + 2, Math.min(value, most - RADIUS - 2));
		const above = finger.y - RADIUS - AWAY;
		if (above >= RADIUS) return { x: within(finger.x, size.width), y: above };
		const right = finger.x + RADIUS + AWAY;
		return {
			x: right + RADIUS <= size.width ? right : finger.x - RADIUS - AWAY,
			y: within(finger.y, size.height)
		};
	});
</script>

<g class="loupe" transform="translate({at.x} {at.y})" aria-hidden="true">
	<clipPath {id}><circle r={RADIUS} /></clipPath>
	<circle class="ground" r={RADIUS} />
	<g clip-path="url(#{id})">
		<g transform="scale({scale * TIMES}) translate({-middle.x} {-middle.y})"><use href="#{drawn}" /></g>
		<path class="cross" d="M-9 0H9M0 -9V9" />
	</g>
	<circle class="rim" r={RADIUS} />
</g>

<style>
	.loupe {
		pointer-events: none;
	}
	.ground {
		fill: var(--panel);
	}
	.rim {
		fill: none;
		stroke: #14222b;
		stroke-width: 2;
	}
	.cross {
		stroke: var(--accent);
		stroke-width: 1;
	}
</style>
