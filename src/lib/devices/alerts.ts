/** Alerts by short tones. A browser allows sound only from a player created in a click. */
export interface Caller {
  /** Plays a number of tones in a row. */
  readonly call: (tones: number) => void;
  readonly close: () => void;
}

const TONE_HZ = 880;
const TONE_SECONDS = 0.18;
const PAUSE_SECONDS = 0.12;
const LOUDNESS = 0.4;

export function openCaller(): Caller {
  const audio = new AudioContext();
  return {
    call(tones) {
      for (let i = 0; i < tones; i++) {
        const from = audio.currentTime + i * (TONE_SECONDS + PAUSE_SECONDS);
        const tone = new OscillatorNode(audio, { frequency: TONE_HZ });
        const volume = new GainNode(audio, { gain: 0 });
        // Fading in and out avoids clicks.
        volume.gain.setValueAtTime(0, from);
        volume.gain.linearRampToValueAtTime(LOUDNESS, from + 0.02);
        volume.gain.setValueAtTime(LOUDNESS, from + TONE_SECONDS - 0.02);
        volume.gain.linearRampToValueAtTime(0, from + TONE_SECONDS);
        tone.connect(volume).connect(audio.destination);
        tone.start(from);
        tone.stop(from + TONE_SECONDS);
      }
    },
    close: () => void audio.close(),
  };
}
