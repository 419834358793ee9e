// What is heard while the cut plays: a click on each beat, or a music file of one's own that never leaves the browser.

const CLICK_S = 0.04;

export class Sound {
  #player;
  #audio = null;
  #music = null;
  #source = null;
  #before = 0;
  clicks = false;

  constructor(player) {
    this.#player = player;
    player.addEventListener("moved", () => this.#moved());
    player.addEventListener("changed", () => this.#changed());
  }

  /** Takes a music file; rejects where the browser cannot read it. */
  async take(file) {
    this.#open();
    this.#music = await this.#audio.decodeAudioData(await file.arrayBuffer());
    this.#changed();
  }

  /** Sound may begin only when somebody has pressed something. */
  #open() {
    this.#audio ??= new AudioContext();
    this.#audio.resume();
  }

  close() {
    this.#silence();
    this.#audio?.close();
    this.#audio = null;
  }

  #moved() {
    const { playing, runs, frame } = this.#player;
    const now = frame / playing.rate;
    if (runs && this.clicks && now > this.#before && now - this.#before < 0.5) {
      const beat = playing.clicks.find(([at]) => at > this.#before && at <= now);
      if (beat) {
        this.#click(beat[1] === 1);
      }
    }
    this.#before = now;
  }

  #click(bar) {
    this.#open();
    const tone = this.#audio.createOscillator();
    const gain = this.#audio.createGain();
    const now = this.#audio.currentTime;
    tone.frequency.value = bar ? 1320 : 880;
    gain.gain.setValueAtTime(0.25, now);
    gain.gain.exponentialRampToValueAtTime(0.001, now + CLICK_S);
    tone.connect(gain).connect(this.#audio.destination);
    tone.start(now);
    tone.stop(now + CLICK_S);
  }

  /** The music starts again wherever the picture is. */
  #changed() {
    this.#silence();
    const { runs, frame, playing, pace } = this.#player;
    this.#before = frame / playing.rate - 1e-3;
    if (runs && this.#music) {
      this.#open();
      this.#source = this.#audio.createBufferSource();
      this.#source.buffer = this.#music;
      this.#source.playbackRate.value = pace;
      this.#source.connect(this.#audio.destination);
      this.#source.start(0, Math.min(frame / playing.rate, this.#music.duration));
    }
  }

  #silence() {
    this.#source?.stop();
    this.#source = null;
  }
}
