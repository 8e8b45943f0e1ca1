import { between } from '$lib/core/drawing/between';
import type { Box, Scene } from '$lib/core/drawing/scene';
import { sketchScene } from '$lib/core/drawing/sketch-scene';
import type { ActStep } from './lessons/lesson';
import type { Hand } from './left-hand';
import { forHand } from './left-hand';

/** A step so far as it has come: 0 as it begins, 1 as it is left lying. */
export function sceneAt(
	{ drawn }: Pick<ActStep, 'drawn'>,
	share: number,
	box: Box,
	hand: Hand
): Scene {
	if ('scene' in drawn) return forHand(drawn.scene, hand);
	const { frames } = drawn;
	const along = Math.max(0, Math.min(1, share)) * (frames.length - 1);
	const at = Math.min(Math.floor(along), Math.max(0, frames.length - 2));
	const [from, to] = [frames[at], frames[at + 1] ?? frames[at]];
	if (!from || !to) return { width: box.width, height: box.type, marks: [] };
	// Sets out and comes to rest softly.
	const u = along - at;
	return forHand(sketchScene(between(from, to, u * u * (3 - 2 * u)), box.width, box.type), hand);
}

/** Plays an act step by step: forward and back, faster and slower, and stopped anywhere. */
export class ActPlayer {
	at = $state(0);
	/** How far the step has come, 0 to 1. */
	share = $state(1);
	/** How long a step takes to move, seconds. */
	seconds = $state(3);
	/** What moves: this step alone, or all that follow; nothing while it stands. */
	going = $state<'step' | 'all' | null>(null);
	#asked = 0;
	#before = 0;

	constructor(private readonly count: () => number) {}

	/** Goes to a step; it moves there, unless the device asks for less of that. */
	go(step: number): void {
		this.stop();
		this.at = Math.max(0, Math.min(this.count() - 1, step));
		if (matchMedia('(prefers-reduced-motion: reduce)').matches) this.share = 1;
		else this.#begin('step');
	}
	/** Moves this step and all that follow, whatever the device asks for: it was asked for here. */
	play(): void {
		if (this.at === this.count() - 1 && this.share === 1) this.at = 0;
		this.#begin('all');
	}
	stop(): void {
		cancelAnimationFrame(this.#asked);
		this.going = null;
	}
	/** Stands as far as it is drawn. */
	hold(share: number): void {
		this.stop();
		this.share = share;
	}
	#begin(going: 'step' | 'all'): void {
		this.stop();
		this.share = this.share === 1 || going === 'step' ? 0 : this.share;
		this.going = going;
		this.#before = performance.now();
		this.#asked = requestAnimationFrame((now) => this.#frame(now));
	}
	#frame(now: number): void {
		// A third of a step's time it rests as it is left lying.
		const rest = this.going === 'all' ? 1.5 : 1;
		this.share = this.share + Math.max(0, now - this.#before) / 1000 / this.seconds;
		this.#before = now;
		if (this.share >= rest) {
			if (this.going === 'all' && this.at < this.count() - 1) {
				this.at++;
				this.share = 0;
			} else {
				this.share = 1;
				this.going = null;
				return;
			}
		}
		this.#asked = requestAnimationFrame((next) => this.#frame(next));
	}
}
