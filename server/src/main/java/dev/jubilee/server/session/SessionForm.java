package dev.jubilee.server.session;

import dev.jubilee.server.session.stored.SessionV1;
import org.mapstruct.Mapper;
import org.mapstruct.Mapping;
import org.mapstruct.ReportingPolicy;
import org.mapstruct.factory.Mappers;

/** A session as entered, and as stored. */
@Mapper(unmappedTargetPolicy = ReportingPolicy.ERROR)
public interface SessionForm {
  SessionForm INSTANCE = Mappers.getMapper(SessionForm.class);

  SessionV1 stored(SessionDetails details);

  // A copy with something else, which looks like a setter.
  @Mapping(target = "on", ignore = true)
  SessionDetails entered(SessionV1 stored);
}
