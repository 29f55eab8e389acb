package dev.jubilee.server.recording;

import dev.jubilee.core.quantity.OutOfRangeException;
import java.io.StringReader;
import java.util.ArrayDeque;
import java.util.Deque;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * Walks through XML without ever holding it: no entities, no document types, nothing from outside,
 * and neither deep nor long without end.
 */
final class SafeXml {
  private static final int DEEPEST = 30;
  private static final int MOST_ELEMENTS = 2_000_000;
  private static final int LONGEST_TEXT = 2_000;

  private static final XMLInputFactory FACTORY = factory();

  private SafeXml() {}

  private static XMLInputFactory factory() {
    XMLInputFactory factory = XMLInputFactory.newFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    factory.setProperty(XMLInputFactory.IS_REPLACING_ENTITY_REFERENCES, false);
    factory.setProperty(XMLInputFactory.IS_COALESCING, false);
    return factory;
  }

  /** What is met on the way. */
  interface Visitor {
    /** An element begins. */
    void begins(String name, Attributes attributes);

    /** An element ends, with the text in it. */
    void ends(String name, String text);
  }

  /** Attributes of the element that begins. */
  interface Attributes {
    /** Empty where there is none. */
    String get(String name);
  }

  /**
   * Goes through a document.
   *
   * @throws OutOfRangeException naming the line and what would be accepted
   */
  static void walk(String xml, Visitor visitor) {
    try {
      XMLStreamReader reader = FACTORY.createXMLStreamReader(new StringReader(xml));
      Deque<StringBuilder> texts = new ArrayDeque<>();
      int elements = 0;
      while (reader.hasNext()) {
        switch (reader.next()) {
          case XMLStreamConstants.START_ELEMENT -> {
            elements++;
            if (texts.size() >= DEEPEST || elements > MOST_ELEMENTS) {
              throw refused(reader.getLocation().getLineNumber(), "too deep or too long");
            }
            texts.push(new StringBuilder());
            visitor.begins(reader.getLocalName(), name -> attribute(reader, name));
          }
          case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA -> {
            if (!texts.isEmpty() && texts.peek().length() < LONGEST_TEXT) {
              texts.peek().append(reader.getText());
            }
          }
          case XMLStreamConstants.END_ELEMENT ->
              visitor.ends(reader.getLocalName(), texts.pop().toString().strip());
          case XMLStreamConstants.DTD, XMLStreamConstants.ENTITY_REFERENCE ->
              throw refused(reader.getLocation().getLineNumber(), "a document type or entity");
          default -> {
            // Comments and instructions say nothing.
          }
        }
      }
    } catch (XMLStreamException e) {
      int line = e.getLocation() == null ? 1 : e.getLocation().getLineNumber();
      throw refused(line, "not well-formed");
    }
  }

  private static String attribute(XMLStreamReader reader, String name) {
    String value = reader.getAttributeValue(null, name);
    return value == null ? "" : value;
  }

  private static OutOfRangeException refused(int line, String what) {
    return new OutOfRangeException(
        "text", "line " + line + ": " + what, "a recording as GPX 1.1 or TCX 2, without entities");
  }
}
