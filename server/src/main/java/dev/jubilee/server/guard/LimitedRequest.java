package dev.jubilee.server.guard;

import dev.jubilee.server.problem.BodyRefusedException;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;

/**
 * A request whose body ends with an error when it is too large or too slow. It counts as on its way
 * from the first look at it until its end, and no longer: what is done with it afterwards is not
 * its sender's doing.
 */
final class LimitedRequest extends HttpServletRequestWrapper {
  private final int most;
  private final Duration arrival;
  private final Arrivals arrivals;
  private boolean isOnItsWay;
  private ServletInputStream stream;

  LimitedRequest(HttpServletRequest request, int most, Duration arrival, Arrivals arrivals) {
    super(request);
    this.most = most;
    this.arrival = arrival;
    this.arrivals = arrivals;
  }

  @Override
  public ServletInputStream getInputStream() throws IOException {
    if (stream == null) {
      if (!arrivals.begin(getRemoteAddr())) {
        throw BodyRefusedException.tooMany();
      }
      isOnItsWay = true;
      stream = new Limited(super.getInputStream(), System.nanoTime() + arrival.toNanos());
    }
    return stream;
  }

  /** It is there, or nobody waits for it any more. */
  void arrived() {
    if (isOnItsWay) {
      isOnItsWay = false;
      arrivals.end(getRemoteAddr());
    }
  }

  @Override
  public BufferedReader getReader() throws IOException {
    return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
  }

  private final class Limited extends ServletInputStream {
    private final ServletInputStream body;
    private final long deadline;
    private long read;

    Limited(ServletInputStream body, long deadline) {
      this.body = body;
      this.deadline = deadline;
    }

    @Override
    public int read() throws IOException {
      int next = within(body::read);
      count(next < 0 ? next : 1);
      return next;
    }

    @Override
    public int read(byte[] buffer, int offset, int length) throws IOException {
      int some = within(() -> body.read(buffer, offset, length));
      count(some);
      return some;
    }

    private interface Reading {
      int read() throws IOException;
    }

    /** A single wait for bytes is bounded by the connector. */
    private int within(Reading reading) throws IOException {
      if (System.nanoTime() > deadline) {
        throw BodyRefusedException.tooSlow();
      }
      try {
        return reading.read();
      } catch (SocketTimeoutException e) {
        throw BodyRefusedException.tooSlow();
      }
    }

    private void count(int bytes) throws IOException {
      if (bytes < 0 || body.isFinished()) {
        arrived();
      }
      read += Math.max(0, bytes);
      if (read > most) {
        throw BodyRefusedException.tooLarge(most);
      }
    }

    @Override
    public boolean isFinished() {
      return body.isFinished();
    }

    @Override
    public boolean isReady() {
      return body.isReady();
    }

    @Override
    public void setReadListener(ReadListener listener) {
      body.setReadListener(listener);
    }
  }
}
