import { dirt } from "./words/dirt";
import { fabric } from "./words/fabric";
import { filmSigns } from "./words/film";
import { grounds } from "./words/grounds";
import { coats } from "./words/onIt";
import { readings } from "./words/readings";
import { safety } from "./words/safety";

/**
 * The trade's words for what can be recorded: a key of the catalogue, and the ways to say it as parts of a regular
 * expression on word boundaries. The longest that fits wins, so a special case may stand anywhere. A key is a sign, a
 * fact, a fact's choice ("edges:lifting"), a check or its outcome ("T_lead_lab:absent"), a coating or a substrate
 * ("on:gyp_old"). Common practice in the trade, British and American, from memory.
 */
export type Phrase = {
  key: string;
  says: string;
  /** A "no" in it is part of it: "edges not firm" is lifting edges. */
  whole?: boolean;
  /** What it says is an absence. */
  absent?: boolean;
};

/** Every phrase there is. */
export const phrases: Phrase[] = [...coats, ...grounds, ...filmSigns, ...dirt, ...fabric, ...safety, ...readings];

/** Keys of what can lie on a surface. */
export const coatKeys = new Set(coats.map((c) => c.key));
