package dev.jubilee.e2e;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URI;
import java.util.Arrays;
import java.util.Random;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;

/** A line to the server on which everything takes its time, each way another one. */
final class SlowLine implements AutoCloseable {
  /** Bytes that arrive at a time. */
  private static final class Late {
    private final long dueNanos;
    private final byte[] bytes;

    Late(long dueNanos, byte[] bytes) {
      this.dueNanos = dueNanos;
      this.bytes = bytes;
    }

    /** Nothing comes any more. */
    static Late end() {
      return new Late(0, new byte[0]);
    }
  }

  private final ServerSocket door;
  private volatile URI server;
  private final Random random;
  private final int least;
  private final int most;

  /** With delays between two bounds, ms, mostly near the lower one. */
  SlowLine(String server, int least, int most, long seed) throws IOException {
    this.server = URI.create(server);
    this.least = least;
    this.most = most;
    random = new Random(seed);
    door = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
    run(this::accept);
  }

  String base() {
    return "http://127.0.0.1:" + door.getLocalPort();
  }

  /** From now on it leads to another server. */
  void leadTo(String other) {
    server = URI.create(other);
  }

  @Override
  public void close() throws IOException {
    door.close();
  }

  private void accept() throws IOException {
    while (!door.isClosed()) {
      Socket phone = door.accept();
      try {
        Socket onward = new Socket(server.getHost(), server.getPort());
        phone.setTcpNoDelay(true);
        onward.setTcpNoDelay(true);
        pass(phone, onward);
        pass(onward, phone);
      } catch (IOException e) {
        // The server is between its end and its next start.
        phone.close();
      }
    }
  }

  private void pass(Socket from, Socket to) {
    BlockingQueue<Late> onTheWay = new LinkedBlockingQueue<>();
    run(
        () -> {
          byte[] bytes = new byte[16_384];
          InputStream in = from.getInputStream();
          try {
            for (int n = in.read(bytes); n >= 0; n = in.read(bytes)) {
              onTheWay.add(new Late(System.nanoTime() + delay(), Arrays.copyOf(bytes, n)));
            }
          } finally {
            onTheWay.add(Late.end());
          }
        });
    run(
        () -> {
          try (to) {
            OutputStream out = to.getOutputStream();
            for (Late late = onTheWay.take(); late.bytes.length > 0; late = onTheWay.take()) {
              long left = late.dueNanos - System.nanoTime();
              if (left > 0) {
                Thread.sleep(left / 1_000_000, (int) (left % 1_000_000));
              }
              out.write(late.bytes);
              out.flush();
            }
          }
        });
  }

  private long delay() {
    double share;
    synchronized (random) {
      share = random.nextDouble();
    }
    return (long) ((least + (most - least) * share * share * share) * 1_000_000);
  }

  private interface Work {
    void run() throws IOException, InterruptedException;
  }

  private static void run(Work work) {
    Thread thread =
        new Thread(
            () -> {
              try {
                work.run();
              } catch (IOException | InterruptedException e) {
                // One end hung up: so does the other.
              }
            });
    thread.setDaemon(true);
    thread.start();
  }
}
