import type { EaterId } from '../core/safety';

/** For whom a word of caution is said where jars are eaten and given. The handbook's caution list; ask a professional. */
export const EATER_WORDS: Readonly<Record<EaterId, { readonly who: string; readonly says: string }>> = {
  pregnant: {
    who: 'somebody pregnant',
    says: 'Pregnant: raw, unheated ferments are a question for a midwife or doctor first.'
  },
  infant: {
    who: 'a baby or small child',
    says: 'Babies and small children: ask a doctor before giving raw, salty ferments; never honey under one year.'
  },
  immune: {
    who: 'somebody with weak immunity',
    says: 'Weak immunity: raw, unheated ferments only as a doctor says.'
  },
  salt: {
    who: 'somebody on a low-salt diet (kidney, blood pressure)',
    says: 'Low-salt diet: these jars are salty; count them, and ask a doctor.'
  },
  histamine: {
    who: 'somebody sensitive to histamine',
    says: 'Histamine: long ferments hold much of it; ask a doctor.'
  },
  anticoagulant: {
    who: 'somebody taking anticoagulants',
    says: 'Anticoagulants: leaf greens hold vitamin K; keep amounts even, and ask a doctor.'
  }
};
