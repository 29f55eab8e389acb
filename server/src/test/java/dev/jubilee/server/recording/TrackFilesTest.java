package dev.jubilee.server.recording;

import static java.time.format.DateTimeFormatter.ISO_OFFSET_DATE_TIME;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.recording.Recording.Point;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.recording.RecordingFile.Format;
import io.jenetics.jpx.GPX;
import io.jenetics.jpx.WayPoint;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * Documents that are valid by the schemas, of whatever shape those allow, are read as an
 * independent library reads them (jpx), or as they were made up.
 */
class TrackFilesTest {
  private static final Instant START = Instant.parse("2026-11-20T17:00:00Z");

  @Test
  void whatJpxWritesIsValidAndReadPointByPoint() throws IOException {
    Random random = new Random(5);
    for (int round = 0; round < 40; round++) {
      List<WayPoint> points = new ArrayList<>();
      double latitude = -60 + 120 * random.nextDouble();
      double longitude = -179 + 358 * random.nextDouble();
      Instant at = START;
      for (int i = 0; i < 50; i++) {
        at = at.plusMillis(1000 + 1000L * random.nextInt(4));
        latitude += random.nextDouble() * 5e-5;
        longitude += random.nextDouble() * 5e-5;
        points.add(WayPoint.builder().lat(latitude).lon(longitude).time(at).build());
      }
      GPX gpx = GPX.builder().addTrack(t -> t.addSegment(s -> s.points(points))).build();
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      GPX.Writer.DEFAULT.write(gpx, out);
      String text = out.toString(StandardCharsets.UTF_8);
      Schemas.GPX.requireValid(text);
      isAsReadByJpx(text);
    }
  }

  /** Any shape that the published schema allows: jpx and we read the same. */
  @Test
  void whatTheSchemaAllowsIsReadAsJpxReadsIt() throws IOException {
    Random random = new Random(6);
    for (int round = 0; round < 60; round++) {
      String text = gpx(random);
      Schemas.GPX.requireValid(text);
      isAsReadByJpx(text);
    }
  }

  private static void isAsReadByJpx(String text) throws IOException {
    List<WayPoint> theirs =
        GPX.Reader.of(GPX.Reader.Mode.STRICT)
            .read(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)))
            .tracks()
            .flatMap(t -> t.segments())
            .flatMap(s -> s.points())
            .filter(p -> p.getTime().isPresent())
            .toList();
    List<Point> ours = TrackFiles.read(Format.GPX, text).points();
    assertThat(ours).hasSameSizeAs(theirs);
    for (int i = 0; i < ours.size(); i++) {
      assertThat(ours.get(i).at()).isEqualTo(theirs.get(i).getTime().get());
      if (i > 0 && ours.get(i).speed().isPresent()) {
        WayPoint from = theirs.get(i - 1);
        WayPoint to = theirs.get(i);
        double seconds =
            (to.getTime().get().toEpochMilli() - from.getTime().get().toEpochMilli()) / 1000.0;
        // Theirs is on the ellipsoid, ours on the mean sphere.
        double speed = from.distance(to).doubleValue() / seconds;
        assertThat(ours.get(i).speed().get()).isCloseTo(speed, within(0.006 * speed + 0.01));
      }
    }
  }

  private static String gpx(Random random) {
    StringBuilder xml = new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n");
    String p = random.nextBoolean() ? "" : "g:";
    xml.append(
        "<%sgpx xmlns%s=\"http://www.topografix.com/GPX/1/1\""
            .formatted(p, p.isEmpty() ? "" : ":g"));
    xml.append(" version=\"1.1\" creator=\"made up\">");
    if (random.nextBoolean()) {
      xml.append("<%1$smetadata><%1$sname>a &amp; b</%1$sname></%1$smetadata>".formatted(p));
    }
    xml.append(
        "<%1$swpt lat=\"1\" lon=\"2\"><%1$stime>2001-01-01T00:00:00Z</%1$stime></%1$swpt>"
            .formatted(p));
    Instant at = START;
    double latitude = 50 * random.nextDouble();
    for (int track = 0; track <= random.nextInt(3); track++) {
      xml.append("<%strk>".formatted(p));
      if (random.nextBoolean()) {
        xml.append("<%1$sname><![CDATA[<trkpt>]]></%1$sname>".formatted(p));
      }
      for (int segment = 0; segment <= random.nextInt(3); segment++) {
        xml.append("<%strkseg>".formatted(p));
        for (int i = 0; i < 1 + random.nextInt(30); i++) {
          at = at.plusMillis(1000L * (1 + random.nextInt(3)) + (random.nextBoolean() ? 250 : 0));
          latitude += 4e-5 * random.nextDouble();
          point(xml, random, p, at, latitude);
        }
        xml.append("</%strkseg>".formatted(p));
      }
      xml.append("</%strk>".formatted(p));
    }
    return xml.append("</%sgpx>".formatted(p)).toString();
  }

  private static void point(
      StringBuilder xml, Random random, String p, Instant at, double latitude) {
    xml.append(String.format(Locale.ROOT, "<%strkpt lon=\"7.5\" lat=\"%.7f\">", p, latitude));
    if (random.nextBoolean()) {
      xml.append("<%1$sele>12.5</%1$sele>".formatted(p));
    }
    if (random.nextInt(10) > 0) {
      String time =
          switch (random.nextInt(3)) {
            case 0 -> at.toString();
            case 1 -> at.toString().replace("Z", "");
            default -> ISO_OFFSET_DATE_TIME.format(at.atOffset(ZoneOffset.ofHours(2)));
          };
      xml.append("<%1$stime> %2$s </%1$stime>".formatted(p, time));
    }
    if (random.nextBoolean()) {
      xml.append(
          ("<%1$sextensions><t:TrackPointExtension xmlns:t=\"urn:example:track\">"
                  + "<t:hr>131</t:hr></t:TrackPointExtension></%1$sextensions>")
              .formatted(p));
    }
    xml.append("</%strkpt>".formatted(p));
  }

  /** Activities of any shape that the schema (from memory) allows, read as they were made up. */
  @Test
  void activitiesAreReadAsTheyWereMadeUp() {
    Random random = new Random(7);
    for (int round = 0; round < 60; round++) {
      StringBuilder xml = new StringBuilder();
      xml.append("<TrainingCenterDatabase")
          .append(" xmlns=\"http://www.garmin.com/xmlschemas/TrainingCenterDatabase/v2\">")
          .append("<Activities><Activity Sport=\"Biking\"><Id>2026-11-20T17:00:00Z</Id>");
      List<Point> made = new ArrayList<>();
      Instant at = START;
      double metres = 0;
      for (int lap = 0; lap <= random.nextInt(3); lap++) {
        xml.append("<Lap StartTime=\"%s\"><TotalTimeSeconds>60</TotalTimeSeconds>".formatted(at))
            .append("<DistanceMeters>300</DistanceMeters><Calories>9</Calories>")
            .append("<AverageHeartRateBpm><Value>120</Value></AverageHeartRateBpm>")
            .append("<Intensity>Active</Intensity><TriggerMethod>Manual</TriggerMethod><Track>");
        for (int i = 0; i < 1 + random.nextInt(40); i++) {
          at = at.plusSeconds(1);
          int watts = 100 + random.nextInt(300);
          int heart = random.nextBoolean() ? 0 : 90 + random.nextInt(90);
          metres += 5 + random.nextInt(5);
          made.add(activity(xml, at, metres, heart, watts));
        }
        xml.append("</Track></Lap>");
      }
      xml.append("</Activity></Activities></TrainingCenterDatabase>");
      Schemas.TCX.requireValid(xml.toString());
      Parsed parsed = TrackFiles.read(Format.TCX, xml.toString());
      assertThat(parsed.sport()).contains(Sport.RIDE);
      assertThat(parsed.points()).hasSameSizeAs(made);
      for (int i = 0; i < made.size(); i++) {
        assertThat(parsed.points().get(i).at()).isEqualTo(made.get(i).at());
        assertThat(parsed.points().get(i).power()).isEqualTo(made.get(i).power());
        assertThat(parsed.points().get(i).heart()).isEqualTo(made.get(i).heart());
      }
    }
  }

  private static Point activity(
      StringBuilder xml, Instant at, double metres, int heart, int watts) {
    xml.append("<Trackpoint><Time>%s</Time>".formatted(at))
        .append("<DistanceMeters>%s</DistanceMeters>".formatted(metres));
    if (heart > 0) {
      xml.append("<HeartRateBpm><Value>%d</Value></HeartRateBpm>".formatted(heart));
    }
    xml.append(
        ("<Extensions><n:TPX xmlns:n=\"http://www.garmin.com/xmlschemas/ActivityExtension/v2\">"
                + "<n:Watts>%d</n:Watts></n:TPX></Extensions></Trackpoint>")
            .formatted(watts));
    return new Point(at, Optional.empty(), Optional.of(watts), heart);
  }
}
