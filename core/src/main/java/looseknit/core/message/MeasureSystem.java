package looseknit.core.message;

/** In which units a person reads. */
public enum MeasureSystem {
    METRIC,
    US
}
