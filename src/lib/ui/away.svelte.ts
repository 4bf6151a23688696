/** Whether server or database are away, as far as this page hears of it. */

class Away {
	#who = $state.raw<readonly object[]>([]);

	get isAway(): boolean {
		return this.#who.length > 0;
	}

	/** @param who hears nothing any more */
	gone(who: object): void {
		if (!this.#who.includes(who)) this.#who = [...this.#who, who];
	}

	back(who: object): void {
		if (this.#who.includes(who)) this.#who = this.#who.filter((one) => one !== who);
	}
}

export const away = new Away();
