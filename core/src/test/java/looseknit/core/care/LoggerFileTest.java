package looseknit.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import looseknit.core.device.SimulatedClimateLogger;
import looseknit.core.need.Draught;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import org.junit.jupiter.api.Test;

class LoggerFileTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 1);
    private static final Place YARD =
            new Place("yard", 14, 75, Light.SUN, Draught.SHELTERED, OptionalDouble.empty(), 18);

    private static String hours(final int count, final String cells) {
        return IntStream.range(0, count)
                .mapToObj("2026-05-01 %02d:00,"::formatted)
                .map(time -> time + cells)
                .collect(Collectors.joining("\n"));
    }

    @Test
    void hoursBecomeADay() {
        final LoggerFile file = LoggerFile.read(
                "time,temperature_c,humidity_percent,rain_mm,light_umol\n" + hours(24, "12.5,80,0.5,100"));

        final LoggedDay day = file.days().get(0);
        assertThat(day.day()).isEqualTo(DAY);
        assertThat(day.temperatureC()).isCloseTo(12.5, within(1e-9));
        assertThat(day.rainMm()).isCloseTo(12, within(1e-9));
        // 100 µmol/m²s for 86,400 s are 8.64 mol/m²
        assertThat(day.lightMol().orElseThrow()).isCloseTo(8.64, within(1e-9));
        assertThat(file.bad()).isEmpty();
    }

    @Test
    void takesTheHeadsSeparatorsAndCommasOfOtherLoggers() {
        final LoggerFile file = LoggerFile.read("""
                Date/Time;Temp. (°C);RH (%);Lux
                2026/05/01;12,5;80;10000
                2026-05-02;13,5;81;
                """);

        assertThat(file.days()).hasSize(2);
        assertThat(file.days().get(0).temperatureC()).isEqualTo(12.5);
        assertThat(file.days().get(0).lightMol()).isPresent();
        assertThat(file.days().get(1).lightMol()).isEmpty();
        assertThat(LoggerFile.read("time\t°C\thumidity\n2026-05-01T08:00:00Z\t12\t70")
                        .days())
                .hasSize(1);
    }

    @Test
    void whatCannotBeReadIsToldAndTheRestIsKept() {
        final LoggerFile file = LoggerFile.read("""
                time,temperature_c,humidity_percent
                2026-05-01,warm,80
                yesterday,12,80
                2026-05-02,12,80
                """);

        assertThat(file.days()).hasSize(1);
        assertThat(file.bad()).hasSize(2);
        assertThat(file.bad().get(0)).contains("line 2", "warm", "-40 to 60");
        assertThat(file.bad().get(1)).contains("2026-05-01 14:00");
        assertThat(LoggerFile.read("time,temperature_c,humidity_percent\n" + hours(3, "12,80"))
                        .tooShort())
                .containsExactly(DAY);
        assertThat(LoggerFile.read("").bad()).hasSize(1);
        assertThatThrownBy(() -> LoggerFile.read("time,colour\n2026-05-01,red")).hasMessageContaining("temperature_c");
    }

    /** What the simulated logger writes is read, and is the place as it usually is in the long run. */
    @Test
    void readsTheSimulatedLogger() {
        final SimulatedClimateLogger logger = new SimulatedClimateLogger(YARD, 7);
        final LoggerFile file = LoggerFile.read(logger.lines(DAY, DAY.plusDays(699)));

        assertThat(file.bad()).isEmpty();
        assertThat(file.days()).hasSize(700);
        assertThat(file.days().stream()
                        .mapToDouble(LoggedDay::temperatureC)
                        .average()
                        .orElseThrow())
                .isCloseTo(14, within(1.0));
        assertThat(file.days().stream().mapToDouble(LoggedDay::rainMm).sum() / 100)
                .isCloseTo(18, within(4.0));
        assertThat(file.days().stream()
                        .mapToDouble(day -> day.lightMol().orElseThrow())
                        .average()
                        .orElseThrow())
                .isCloseTo(YARD.lightMol(), within(2.0));
        assertThat(logger.lines(DAY, DAY)).isEqualTo(new SimulatedClimateLogger(YARD, 7).lines(DAY, DAY));
    }
}
