package dev.jubilee.server.recording;

import java.io.IOException;
import java.io.StringReader;
import javax.xml.XMLConstants;
import javax.xml.transform.stream.StreamSource;
import javax.xml.validation.Schema;
import javax.xml.validation.SchemaFactory;
import org.xml.sax.SAXException;

/** Schemas of the files that devices write and read. */
public final class Schemas {
  /** GPX 1.1 as it was published. */
  public static final Schemas GPX = new Schemas("gpx-1.1");

  /** The parts of TCX 2 that are used here, from memory. */
  public static final Schemas TCX = new Schemas("tcx-2-from-memory");

  private final Schema schema;

  private Schemas(String file) {
    try {
      schema =
          SchemaFactory.newInstance(XMLConstants.W3C_XML_SCHEMA_NS_URI)
              .newSchema(Schemas.class.getResource("/formats/" + file + ".xsd"));
    } catch (SAXException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Fails with the line where a document is not as the schema has it. */
  public void requireValid(String xml) {
    try {
      schema.newValidator().validate(new StreamSource(new StringReader(xml)));
    } catch (SAXException e) {
      throw new AssertionError(e + "\n" + xml, e);
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }
}
