package looseknit.core.trouble;

import java.util.List;
import looseknit.core.message.Code;

/** What is known of a pot before anybody looks, and what is refused. */
public enum TroubleSentence implements Code {
    ONE_ANSWER("other"),
    WATERED("days", "expected"),
    HAND("share"),
    AIR("air", "least"),
    AGE("years", "life"),
    FED_ON("months"),
    NEVER_FED("months"),
    FED_TIMES("times"),
    SALTS("salts", "most"),
    PH("ph", "low", "high"),
    POTTED("days"),
    MOVED("days"),
    REST("rest"),
    LIGHT("light", "low", "high"),
    WARMTH("celsius", "low", "high"),
    HUMIDITY("percent");

    private final List<String> arguments;

    TroubleSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
