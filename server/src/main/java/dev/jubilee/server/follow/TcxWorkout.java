package dev.jubilee.server.follow;

import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.recording.DeviceWorkout;
import dev.jubilee.core.recording.DeviceWorkout.Kind;
import dev.jubilee.core.recording.DeviceWorkout.Step;
import dev.jubilee.core.sport.Sport;
import java.io.StringWriter;
import java.util.Locale;
import java.util.Optional;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/**
 * A warm-up as a workout of a training device: TCX version 2, whose steps have names of up to
 * fifteen characters and of which there are twenty at most. Speeds and heart rates are targets;
 * power has none there and stands in the step's name.
 */
final class TcxWorkout {
  static final int MOST_STEPS = 20;
  private static final int LONGEST_NAME = 15;
  private static final String TCX = "http://www.garmin.com/xmlschemas/TrainingCenterDatabase/v2";
  private static final String XSI = "http://www.w3.org/2001/XMLSchema-instance";

  /** A speed is held when it is as close as that, as a share; as a recording is read. */
  private static final double WITHIN = 0.06;

  private final XMLStreamWriter xml;

  private TcxWorkout(XMLStreamWriter xml) {
    this.xml = xml;
  }

  /** The document of a warm-up, and its lines as the notes. */
  static String of(FollowView view, Sport sport, DeviceWorkout workout) {
    StringWriter text = new StringWriter();
    try {
      XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
      new TcxWorkout(xml).write(view, sport, workout);
      xml.close();
    } catch (XMLStreamException e) {
      throw new IllegalStateException(e);
    }
    return text.toString();
  }

  private void write(FollowView view, Sport sport, DeviceWorkout workout)
      throws XMLStreamException {
    xml.writeStartDocument("UTF-8", "1.0");
    xml.writeStartElement("TrainingCenterDatabase");
    xml.writeDefaultNamespace(TCX);
    xml.writeNamespace("xsi", XSI);
    xml.writeStartElement("Workouts");
    xml.writeStartElement("Workout");
    xml.writeAttribute(
        "Sport",
        switch (sport) {
          case RUN -> "Running";
          case RIDE -> "Biking";
          // It knows no other.
          default -> "Other";
        });
    element("Name", name("Warm-up"));
    for (int i = 0; i < workout.steps().size(); i++) {
      step(i + 1, workout.steps().get(i));
    }
    element("ScheduledOn", view.startsAt().toLocalDate().toString());
    element("Notes", plain(view.sessionTitle() + "\n" + WarmUpCalendar.lines(view)));
    xml.writeEndElement();
    xml.writeEndElement();
    xml.writeEndElement();
    xml.writeEndDocument();
  }

  private void step(int number, Step step) throws XMLStreamException {
    begin("Step", "Step_t");
    element("StepId", Integer.toString(number));
    element("Name", name(named(step)));
    begin("Duration", "Time_t");
    element("Seconds", Integer.toString(step.seconds()));
    xml.writeEndElement();
    boolean isRest = step.kind() == Kind.RECOVERY || step.kind() == Kind.WAIT;
    element("Intensity", isRest ? "Resting" : "Active");
    target(step);
    xml.writeEndElement();
  }

  private void target(Step step) throws XMLStreamException {
    Target target = step.target().orElse(null);
    boolean isSpeed =
        target != null
            && target.value() > 0
            && switch (target.metric()) {
              case PACE, SWIM_PACE -> true;
              case TREADMILL, POWER, SPLIT, LOAD, FEEL -> false;
            };
    if (isSpeed) {
      begin("Target", "Speed_t");
      begin("SpeedZone", "CustomSpeedZone_t");
      element("ViewAs", "Pace");
      element("LowInMetersPerSecond", metres(target.value() * (1 - WITHIN)));
      element("HighInMetersPerSecond", metres(target.value() * (1 + WITHIN)));
      xml.writeEndElement();
    } else if (target != null && target.heartLow() > 0) {
      begin("Target", "HeartRate_t");
      begin("HeartRateZone", "CustomHeartRateZone_t");
      beats("Low", target.heartLow());
      beats("High", target.heartHigh());
      xml.writeEndElement();
    } else {
      begin("Target", "None_t");
    }
    xml.writeEndElement();
  }

  private void beats(String which, int perMinute) throws XMLStreamException {
    begin(which, "HeartRateInBeatsPerMinute_t");
    element("Value", Integer.toString(perMinute));
    xml.writeEndElement();
  }

  private void begin(String name, String type) throws XMLStreamException {
    xml.writeStartElement(name);
    xml.writeAttribute("xsi", XSI, "type", type);
  }

  private void element(String name, String text) throws XMLStreamException {
    xml.writeStartElement(name);
    xml.writeCharacters(text);
    xml.writeEndElement();
  }

  private static String metres(double perSecond) {
    return String.format(Locale.ROOT, "%.3f", perSecond);
  }

  /** With the figure to aim at that has no other place. */
  private static String named(Step step) {
    return step.target()
        .filter(t -> t.value() > 0)
        .flatMap(
            t ->
                switch (t.metric()) {
                  case POWER, SPLIT ->
                      Optional.of(String.format(Locale.ROOT, "%.0f W ", t.value()));
                  case TREADMILL ->
                      Optional.of(
                          String.format(
                              Locale.ROOT, "%.1f km/h %d %% ", 3.6 * t.value(), t.gradient()));
                  case PACE, SWIM_PACE, LOAD, FEEL -> Optional.empty();
                })
        .map(figure -> figure + step.name())
        .orElse(step.name());
  }

  /** What a step may be called: whole words where they fit, no blanks around. */
  static String name(String name) {
    String plain = plain(name).strip().replaceAll("\\s+", " ");
    if (plain.length() <= LONGEST_NAME) {
      return plain.isEmpty() ? "Step" : plain;
    }
    int blank = plain.lastIndexOf(' ', LONGEST_NAME);
    String cut = plain.substring(0, blank > LONGEST_NAME / 2 ? blank : LONGEST_NAME).strip();
    // Half of a pair of surrogates is no character.
    return Character.isHighSurrogate(cut.charAt(cut.length() - 1))
        ? cut.substring(0, cut.length() - 1)
        : cut;
  }

  /** XML 1.0 has no other characters. */
  private static String plain(String text) {
    return text.codePoints()
        .filter(
            c ->
                c == '\n'
                    || c == '\t'
                    || (c >= 0x20 && c <= 0xD7FF)
                    || (c >= 0xE000 && c <= 0xFFFD)
                    || c >= 0x10000)
        .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
        .toString();
  }
}
