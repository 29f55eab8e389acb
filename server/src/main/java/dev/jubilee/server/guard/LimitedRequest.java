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

/** A request whose body ends with an error when it is too large or too slow. */
final class LimitedRequest extends HttpServletRequestWrapper {
  private final int most;
  private final Duration arrival;

  LimitedRequest(HttpServletRequest request, int most, Duration arrival) {
    super(request);
    this.most = most;
    this.arrival = arrival;
  }

  @Override
  public ServletInputStream getInputStream() throws IOException {
    return new Limited(super.getInputStream(), most, System.nanoTime() + arrival.toNanos());
  }

  @Override
  public BufferedReader getReader() throws IOException {
    return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
  }

  private static final class Limited extends ServletInputStream {
    private final ServletInputStream body;
    private final int most;
    private final long deadline;
    private long read;

    Limited(ServletInputStream body, int most, long deadline) {
      this.body = body;
      this.most = most;
      this.deadline = deadline;
    }

    @Override
    public int read() throws IOException {
      int next = within(body::read);
      count(next < 0 ? 0 : 1);
      return next;
    }

    @Override
    public int read(byte[] buffer, int offset, int length) throws IOException {
      int some = within(() -> body.read(buffer, offset, length));
      count(Math.max(0, some));
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
      read += bytes;
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
