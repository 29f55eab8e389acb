package dev.jubilee.server;

import java.io.Closeable;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URI;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** The wire to a database, which can be cut and mended. */
final class Wire implements Closeable {
  private final InetAddress here = InetAddress.getLoopbackAddress();
  private final int databasePort;
  private final int port;
  private final Set<Socket> open = ConcurrentHashMap.newKeySet();
  private volatile ServerSocket entrance;

  private Wire(int databasePort) throws IOException {
    this.databasePort = databasePort;
    this.entrance = new ServerSocket(0, 50, here);
    this.port = entrance.getLocalPort();
    accept(entrance);
  }

  /** A wire to the database of a JDBC address. */
  static Wire to(String jdbcUrl) throws IOException {
    return new Wire(URI.create(jdbcUrl.substring("jdbc:".length())).getPort());
  }

  /** The same database, through this wire. */
  String through(String jdbcUrl) {
    return jdbcUrl.replace(":" + databasePort + "/", ":" + port + "/");
  }

  /** As when the database is killed: what is open breaks off, nothing new is taken. */
  void cut() throws IOException {
    entrance.close();
    for (Socket socket : open) {
      socket.close();
    }
    open.clear();
  }

  void mend() throws IOException {
    entrance = new ServerSocket(port, 50, here);
    accept(entrance);
  }

  @Override
  public void close() throws IOException {
    cut();
  }

  private void accept(ServerSocket at) {
    daemon(
        () -> {
          while (true) {
            Socket in = at.accept();
            Socket out = new Socket(here, databasePort);
            open.add(in);
            open.add(out);
            daemon(() -> in.getInputStream().transferTo(out.getOutputStream()), in, out);
            daemon(() -> out.getInputStream().transferTo(in.getOutputStream()), in, out);
          }
        });
  }

  private interface Work {
    void run() throws IOException;
  }

  /** Goes on until something is closed, then closes the rest. */
  private static void daemon(Work work, Socket... sockets) {
    Thread thread =
        new Thread(
            () -> {
              try {
                work.run();
              } catch (IOException e) {
                // Cut.
              } finally {
                for (Socket socket : sockets) {
                  close(socket);
                }
              }
            });
    thread.setDaemon(true);
    thread.start();
  }

  private static void close(Socket socket) {
    try {
      socket.close();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
