package looseknit.server.care;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import looseknit.core.care.LoggedDay;
import looseknit.server.pot.PlaceCountBody;
import looseknit.server.pot.PottingRepository;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The weather where pots stand, over HTTP. */
@RestController
@RequestMapping("/api/climate")
class ClimateController {

    private static final int LONGEST_FILE = 8_000_000;

    private final Climate climate;
    private final PottingRepository pottings;

    ClimateController(final Climate climate, final PottingRepository pottings) {
        this.climate = climate;
        this.pottings = pottings;
    }

    /** A place with how many pots stand there, how many days of its weather are logged, and the last of them. */
    record LoggedPlaceBody(
            String place, long pots, long days, @Nullable LocalDate last) {}

    /** A day of weather: means of temperature [°C] and humidity [%], rain [mm], daily light [mol/m²]. */
    record ClimateDayBody(
            LocalDate day,
            double temperatureC,
            double humidityPercent,
            double rainMm,
            @Nullable Double lightMol) {
        static ClimateDayBody of(final LoggedDay day) {
            return new ClimateDayBody(
                    day.day(),
                    day.temperatureC(),
                    day.humidityPercent(),
                    day.rainMm(),
                    day.lightMol().isPresent() ? day.lightMol().getAsDouble() : null);
        }
    }

    /** A file that a logger has written, as text, and whether its days are kept or only looked through. */
    record LoggerFileBody(
            @NotBlank @Size(max = 80) String place,
            @NotNull @Size(max = LONGEST_FILE) String text,
            boolean keep) {}

    /** A place whose logger is read. */
    record ReadLoggerBody(@NotBlank @Size(max = 80) String place) {}

    /**
     * What a file brings.
     *
     * @param days its whole days
     * @param known how many of them were known and are taken anew
     * @param tooShort days of which too little was logged
     * @param bad lines that could not be read, and why
     * @param moved how many pots are looked at on another day by it
     */
    record BroughtBody(List<ClimateDayBody> days, int known, List<LocalDate> tooShort, List<String> bad, int moved) {
        static BroughtBody of(final Climate.Brought brought) {
            return new BroughtBody(
                    brought.file().days().stream().map(ClimateDayBody::of).toList(),
                    brought.known(),
                    brought.file().tooShort(),
                    brought.file().bad(),
                    brought.moved());
        }
    }

    /** Places where pots stand. */
    @GetMapping("/places")
    List<LoggedPlaceBody> places() {
        final Map<String, LoggedPlaceRow> logged =
                climate.places().stream().collect(Collectors.toMap(LoggedPlaceRow::placeName, Function.identity()));
        return pottings.countsByPlace().stream()
                .filter(each -> each.place() != null)
                .map(each -> body(each, logged.get(each.place())))
                .toList();
    }

    private static LoggedPlaceBody body(final PlaceCountBody of, final @Nullable LoggedPlaceRow logged) {
        return new LoggedPlaceBody(
                String.valueOf(of.place()),
                of.pots(),
                logged == null ? 0 : logged.days(),
                logged == null ? null : logged.last());
    }

    /** The last days of a place. */
    @GetMapping
    List<ClimateDayBody> days(@RequestParam final String place) {
        return climate.last(place).stream().map(ClimateDayBody::of).toList();
    }

    /** Looks through a file of a logger; keeps its days if that is asked for. */
    @PostMapping("/file")
    BroughtBody file(@RequestBody @Valid final LoggerFileBody body) {
        return BroughtBody.of(climate.take(body.place(), body.text(), body.keep()));
    }

    /** Reads the logger that ships in place of a real one. */
    @PostMapping("/logger")
    BroughtBody logger(@RequestBody @Valid final ReadLoggerBody body) {
        return BroughtBody.of(climate.readLogger(body.place()));
    }
}
