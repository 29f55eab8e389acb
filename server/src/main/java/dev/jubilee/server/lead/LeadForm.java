package dev.jubilee.server.lead;

import dev.jubilee.server.lead.stored.LeadV1;
import dev.jubilee.server.lead.stored.SheetV1;
import dev.jubilee.server.prescription.SquadSheet;
import dev.jubilee.server.session.SessionForm;
import org.mapstruct.Mapper;
import org.mapstruct.ReportingPolicy;
import org.mapstruct.factory.Mappers;

/** What a warm-up is led by and where it stands, and both as stored. */
@Mapper(uses = SessionForm.class, unmappedTargetPolicy = ReportingPolicy.ERROR)
interface LeadForm {
  LeadForm INSTANCE = Mappers.getMapper(LeadForm.class);

  SheetV1 stored(SquadSheet sheet);

  SquadSheet shown(SheetV1 stored);

  LeadV1 stored(LeadState state);

  LeadState standing(LeadV1 stored);
}
