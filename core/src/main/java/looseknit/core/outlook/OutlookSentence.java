package looseknit.core.outlook;

import looseknit.core.message.Named;

/** What is said of a blend in its pot. */
public enum OutlookSentence implements Named {
    NOT_NAMED,
    A_PLANT,
    A_POT,
    A_PLACE
}
