/** The device's own voice, where it has one: it reads a sentence on wish, and is silent else. */
export class Voice {
	/** Whether the device can read aloud. */
	isThere = $state(false);
	/** Whether it was asked to, and goes on with every sentence it is given. */
	isOn = $state(false);

	/** Looks whether there is a voice, now and whenever the device finds one. @returns how to end it */
	listen(): () => void {
		if (!('speechSynthesis' in window)) return () => {};
		const { speechSynthesis } = window;
		const look = () => (this.isThere = speechSynthesis.getVoices().length > 0);
		look();
		speechSynthesis.addEventListener('voiceschanged', look);
		return () => {
			speechSynthesis.removeEventListener('voiceschanged', look);
			this.stop();
		};
	}

	/** Reads a sentence in place of the one before it. */
	say(words: string): void {
		if (!this.isThere) return;
		this.isOn = true;
		window.speechSynthesis.cancel();
		const said = new SpeechSynthesisUtterance(words);
		said.lang = document.documentElement.lang;
		window.speechSynthesis.speak(said);
	}

	stop(): void {
		if (this.isOn) window.speechSynthesis.cancel();
		this.isOn = false;
	}
}
