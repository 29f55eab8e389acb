package dev.jubilee.server.recording;

import dev.jubilee.core.recording.Recording.Point;
import dev.jubilee.core.sport.Sport;
import java.util.List;
import java.util.Optional;

/** What a file says: its moments in order, and the sport if it tells it. */
record Parsed(Optional<Sport> sport, List<Point> points) {}
